import { existsSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { describe, expect, test } from '@jest/globals';
import { temporaryFolder } from '../../../tools/temporary.mjs';
import { Threads } from '../src/threads/threads.ts';

/** A thread whose modules take a while to load, and that leaves a mark once they have. */
function slowToLoad() {
  const folder = temporaryFolder('threads');
  const mark = join(folder, 'loaded');
  const file = join(folder, 'slow.mjs');
  writeFileSync(
    file,
    `import { writeFileSync } from 'node:fs';
     Atomics.wait(new Int32Array(new SharedArrayBuffer(4)), 0, 0, 400);
     writeFileSync(${JSON.stringify(mark)}, '');
     export default (work) => work === 'for ever' ? new Promise(() => setInterval(() => {}, 1000)) : work * 2;`,
  );
  const threads = new Threads({ filename: pathToFileURL(file).href, minThreads: 1, maxThreads: 1 });
  return { threads, isLoaded: () => existsSync(mark) };
}

describe('threads', () => {
  test('do what they are handed, before they have loaded and afterwards', async () => {
    const { threads } = slowToLoad();
    expect(await threads.run(21)).toBe(42);
    expect(await threads.run(4)).toBe(8);
    await threads.end();
  });
  test('are not ended while they load, however soon the application ends', async () => {
    const { threads, isLoaded } = slowToLoad();
    expect(isLoaded()).toBe(false);
    await threads.end();
    expect(isLoaded()).toBe(true);
  });
  test('are not ended while they load where nobody waits for the answer any more; the next question is answered', async () => {
    const { threads, isLoaded } = slowToLoad();
    const gone = new AbortController();
    const asked = threads.run('for ever', { signal: gone.signal });
    gone.abort();
    await expect(asked).rejects.toMatchObject({ name: 'AbortError' });
    expect(isLoaded()).toBe(true);
    expect(await threads.run(3)).toBe(6);
    await threads.end();
  });
  test('end with a question that nobody waits for, and another takes the place and may itself be ended as it loads', async () => {
    const { threads } = slowToLoad();
    expect(await threads.run(1)).toBe(2);
    const gone = new AbortController();
    const asked = threads.run('for ever', { signal: gone.signal });
    setTimeout(() => gone.abort(), 50);
    await expect(asked).rejects.toMatchObject({ name: 'AbortError' });
    await threads.end();
  });
});
