/** A number with what it counts: one surface, 3 surfaces. */
export const counted = (n: number, one: string, many = `${one}s`): string => `${n} ${n === 1 ? one : many}`;
