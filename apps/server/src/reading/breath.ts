/** Those who compute and let others go first, in the order in which they came. */
const waiting: (() => void)[] = [];

/**
 * Lets others be answered while something long is computed. Of all that compute at once one goes on in each round of
 * the event loop: sixty at once hold it up no longer than one does.
 */
export function breath(): Promise<void> {
  return new Promise((go) => {
    waiting.push(go);
    if (waiting.length === 1) setImmediate(next);
  });
}

function next(): void {
  waiting[0]!();
  waiting.shift();
  if (waiting.length > 0) setImmediate(next);
}
