/** What is shared is fixed, down to its last field: a change made in passing is a fault that shows at once. */
export function fixed<T>(value: T): T {
  if (typeof value !== 'object' || value === null || ArrayBuffer.isView(value) || Object.isFrozen(value)) return value;
  for (const field of Object.values(value)) fixed(field);
  return Object.freeze(value);
}
