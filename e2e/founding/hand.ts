import type { Locator } from '@playwright/test';

/** Somebody's hand: every tap, every field that is typed into and every list that is chosen from is counted. */
export class Hand {
  taps = 0;

  async tap(where: Locator): Promise<void> {
    this.taps += 1;
    await where.click();
  }
  async type(where: Locator, text: string): Promise<void> {
    this.taps += 1;
    await where.fill(text);
  }
  /** A list is opened with one tap and chosen from with another. */
  async choose(where: Locator, value: string): Promise<void> {
    this.taps += 2;
    await where.selectOption(value);
  }
  /** How many taps an act took. */
  async counted(act: () => Promise<void>): Promise<number> {
    const before = this.taps;
    await act();
    return this.taps - before;
  }
}
