/** Sheets that an office printer takes, in mm. */
export const TEMPLATE_PAPER = {
  a4: { words: 'A4', shortMm: 210, longMm: 297 },
  letter: { words: 'Letter', shortMm: 215.9, longMm: 279.4 },
} as const;
export type TemplatePaper = keyof typeof TEMPLATE_PAPER;

/** What a printer leaves white at each edge, and how far neighbouring sheets lie over each other, in mm. */
export const SHEET_EDGE_MM = 13;
export const SHEETS_LAP_MM = 12;
/** Kept free under the drawing for what is written on a sheet, in mm. */
export const SHEET_FOOT_MM = 12;
