import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import PDFDocument from 'pdfkit';
import type { Paper } from '@rustic/core';

const require = createRequire(import.meta.url);
const fontsOf = (name: string) => dirname(require.resolve(`${name}/package.json`));
const SANS = fontsOf('@expo-google-fonts/source-sans-3');
const SERIF = fontsOf('@expo-google-fonts/bitter');

/** The fonts of the pages, embedded, read once for each thread: Bitter for headings, Source Sans 3 for all else. */
const FONTS = {
  text: readFileSync(join(SANS, '400Regular/SourceSans3_400Regular.ttf')),
  strong: readFileSync(join(SANS, '600SemiBold/SourceSans3_600SemiBold.ttf')),
  heading: readFileSync(join(SERIF, '600SemiBold/Bitter_600SemiBold.ttf')),
};
export type Font = keyof typeof FONTS;

/** Ink and rules of the ledger; black enough to print. */
export const INK = '#26211c';
export const FADED = '#5d5346';
export const RULE = '#c9bca4';
export const MADDER = '#98382c';
export const LEAF = '#fbf8f1';

/** A4 upright, in points. */
export const PAGE = { width: 595.28, height: 841.89, left: 54, right: 54, top: 56, bottom: 64 };
export const BODY_WIDTH = PAGE.width - PAGE.left - PAGE.right;

export type Sheet = PDFKit.PDFDocument;

/** An empty document with its fonts, tagged, with a title that readers show; on sheets of this size. */
export function newDocument(
  { title, about, firm }: Pick<Paper, 'title' | 'about' | 'firm'>,
  page: PDFKit.PDFDocumentOptions,
): Sheet {
  const sheet = new PDFDocument({
    ...page,
    bufferPages: true,
    tagged: true,
    lang: 'en-GB',
    displayTitle: true,
    pdfVersion: '1.7',
    info: { Title: `${title}: ${about}`, Author: firm },
  });
  for (const [name, file] of Object.entries(FONTS)) sheet.registerFont(name, file);
  return sheet.font('text').fontSize(10).fillColor(INK);
}

/** An empty paper. */
export const newSheet = (paper: Paper): Sheet =>
  newDocument(paper, {
    size: 'A4',
    margins: { left: PAGE.left, right: PAGE.right, top: PAGE.top, bottom: PAGE.bottom },
  });

/** The bytes of a document, once it has ended. Asked for before anything is drawn. */
export async function filled(sheet: Sheet): Promise<Uint8Array> {
  const chunks: Buffer[] = [];
  await new Promise<void>((resolve, reject) => {
    sheet.on('data', (chunk: Buffer) => chunks.push(chunk));
    sheet.on('end', resolve);
    sheet.on('error', reject);
  });
  return Buffer.concat(chunks);
}

/** Where a page ends for what is written on it. */
export const foot = (sheet: Sheet) => sheet.page.height - PAGE.bottom;

/** Turns the page where less than this is left of it. */
export function need(sheet: Sheet, height: number): void {
  if (sheet.y + height > foot(sheet)) sheet.addPage();
}

/** Writes as a part of the document that a reader aloud can name: a heading, a paragraph, a list. */
export function tagged(sheet: Sheet, tag: string, write: () => void): void {
  sheet.addStructure(sheet.struct(tag, {}, write));
}

/** Glyphs that the fonts that ship do not have. */
export const printable = (text: string) =>
  text.replaceAll('→', '>').replaceAll('′', '’').replaceAll('″', '”').replaceAll('\u202f', ' ');
