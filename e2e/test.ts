import { expect, test as base } from '@playwright/test';
import { clockShift, shiftedDate } from '../tools/clock.mjs';

/** A page's own script: its clock is the one that the server and the tests have. */
const SET_CLOCK = `globalThis.Date = (${shiftedDate.toString()})(Date, ${clockShift()});`;

/** Tests of the interface, every page of which has the clock of the run. */
export const test = base.extend<object, { clock: undefined }>({
  clock: [
    async ({ browser }, use) => {
      const open = browser.newContext.bind(browser);
      browser.newContext = async (options) => {
        const context = await open(options);
        if (clockShift()) await context.addInitScript(SET_CLOCK);
        return context;
      };
      await use(undefined);
    },
    { scope: 'worker', auto: true },
  ],
});
export { expect };
