import type { Trait } from '../face.ts';

/** What brings a film to grief, as far as it can be told apart afterwards by looking. */
export const MECHANISMS = ['no-grip', 'dirt', 'old-film', 'between-coats', 'thirst', 'rises', 'water', 'swells', 'moves', 'hiding', 'misfit', 'closing', 'stuck'] as const;
export type Mechanism = (typeof MECHANISMS)[number];

/** Through which mechanism a trait of the face does its harm; those that are not named are of the hand. Source: practice. */
export const MECHANISM_OF: Readonly<Partial<Record<Trait, Mechanism>>> = {
  wax: 'dirt',
  bead: 'dirt',
  silicone: 'dirt',
  grease: 'dirt',
  groundIn: 'dirt',
  paste: 'swells',
  torn: 'swells',
  loosePaper: 'swells',
  damp: 'water',
  mould: 'water',
  salts: 'water',
  rot: 'water',
  source: 'water',
  hollow: 'moves',
  cracked: 'moves',
  movingGap: 'moves',
  openGap: 'moves',
  greenTimber: 'moves',
  stuck: 'stuck',
  rawEdge: 'thirst',
};
