import { PICTURE_SURE, type PatchSeen, type SeenAs } from './seen.ts';

const WORDS: Readonly<Record<SeenAs, string>> = {
  covers: 'it covers: nothing shows that anybody would see',
  'shows-through': 'old colour shows for want of hiding; it does not rise',
  'faint-bleed': 'dye rises, faintly',
  'bleeds-through': 'dye rises through it',
};
/** What is between two readings that are often close. */
const OPEN = 'Another look later tells dye from poor hiding.';

/** What the pictures of a patch say, in words, with how sure they are. */
export function sayPatchSeen({ sees, sure }: PatchSeen): string {
  const inHundred = Math.min(99, Math.round(sure * 100));
  const said = `${WORDS[sees]} (${inHundred} in 100).`;
  return sure >= PICTURE_SURE ? `The pictures say: ${said}` : `Not settled. Likeliest: ${said} ${OPEN}`;
}
