/** One line to the person at the terminal. */
export const say = (line) => process.stdout.write(`${line}\n`);

/** One line of what went wrong and what to do, then the end. */
export function stop(line, code = 1) {
  process.stderr.write(`${line}\n`);
  process.exit(code);
}
