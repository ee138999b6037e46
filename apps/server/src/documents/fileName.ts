import type { Paper } from '@rustic/core';

/** How the file of a paper is called, without its ending: letters of any keyboard, digits and dashes. */
export const fileName = ({ title, about }: Pick<Paper, 'title' | 'about'>) =>
  `${title} ${about}`
    .normalize('NFKD')
    .replace(/[^\w ]+/g, '')
    .trim()
    .replace(/\s+/g, '-')
    .toLowerCase()
    .slice(0, 90);
