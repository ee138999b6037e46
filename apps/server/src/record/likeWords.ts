import { Like, type FindOperator } from 'typeorm';

/** A pattern of these words as they are written: no letter of them is a sign of the search. */
export const likeText = (words: string): string => `%${words.trim().replaceAll(/[\\%_]/g, (sign) => `\\${sign}`)}%`;

/** What has these words in it. */
export const likeWords = (words: string): FindOperator<string> => Like(likeText(words));
