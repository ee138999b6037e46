import { writeCard, type CardFormat, type CardColour } from '@rustic/core';

const TYPES: Record<CardFormat, string> = {
  csv: 'text/csv;charset=utf-8',
  gpl: 'text/plain;charset=utf-8',
  ase: 'application/octet-stream',
};

/** Hands colours to the device as a file. */
export function keepColours(name: string, colours: readonly CardColour[], format: CardFormat): void {
  const url = URL.createObjectURL(new Blob([writeCard(name, colours, format).slice()], { type: TYPES[format] }));
  const link = document.createElement('a');
  link.href = url;
  link.download = `${name.replace(/[^\p{L}\p{N} ,-]/gu, '')}.${format}`;
  link.click();
  URL.revokeObjectURL(url);
}
