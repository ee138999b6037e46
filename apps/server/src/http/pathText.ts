/** `['tests', 0, 'kind']` → `tests[0].kind`. */
export function pathText(path: readonly PropertyKey[]): string {
  return path.map((part, i) => (typeof part === 'number' ? `[${part}]` : `${i ? '.' : ''}${String(part)}`)).join('');
}
