import { FAULTS_FOUND } from './faults.ts';
import { JOINTS } from './joints.ts';
import { GROUND } from './ground.ts';
import { OLD_FILM } from './oldFilm.ts';
import { OUTSIDE } from './outside.ts';
import { PATCHES } from './patches.ts';
import type { Situation } from './situation.ts';

/** Every row of the knowledge of what goes on what. Adding a situation adds a row here and nothing else. */
export const SITUATIONS: readonly Situation[] = [...OLD_FILM, ...GROUND, ...OUTSIDE, ...FAULTS_FOUND, ...JOINTS, ...PATCHES];
