/** Something of a known lightness that lies in a photo beside a colour. */
export interface ReferenceRow {
  words: string;
  /** What it sends back of the light that falls on it, 0 to 1; null: it is a paint of a known colour. */
  sendsBack: number | null;
  /** How far such a thing may be from what it is taken for, in CIEDE2000. */
  doubt: number;
}

/** A grey card is made for this; paper is brightened, and no two are alike. Source: practice. */
export const PHOTO_REFERENCES = {
  'grey-card': { words: 'grey card, 18 %', sendsBack: 0.18, doubt: 0.8 },
  'white-card': { words: 'white card, 90 %', sendsBack: 0.9, doubt: 1 },
  paper: { words: 'plain white paper', sendsBack: 0.83, doubt: 2.5 },
  paint: { words: 'a paint whose colour is known', sendsBack: null, doubt: 1.5 },
} as const satisfies Record<string, ReferenceRow>;
export type PhotoReference = keyof typeof PHOTO_REFERENCES;

/** No camera sees colours as an eye does, however its white is set: so far apart, in CIEDE2000. Source: judgement, of pocket cameras. */
export const CAMERA_DOUBT = 2.5;
/** Light falls off across a picture: so much doubt for the whole width between reference and colour. Source: judgement. */
export const APART_DOUBT = 6;
