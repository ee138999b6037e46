import { Like, type FindOperator } from 'typeorm';

/** What has these words in it, as they are written: no letter of them is a sign of the search. */
export const likeWords = (words: string): FindOperator<string> =>
  Like(`%${words.trim().replaceAll(/[\\%_]/g, (sign) => `\\${sign}`)}%`);
