/** A figure as it is typed or pasted, with or without its unit; not a number where it is none. */
export const figureIn = (text: string) => Number(text.replace(',', '.').replace(/[^\d.-]/g, ''));
