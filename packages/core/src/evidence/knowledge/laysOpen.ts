import type { Condition, Substrate } from '../../vocabulary/index.ts';
import { groundOf } from '../facts.ts';

/** Where a film shows one of these it is taken off to the ground, as far as that was measured. Source: practice. */
const ANYWHERE: readonly Condition[] = ['peeling', 'flaking', 'blistering', 'cracking'];
const ON_IRON: readonly Condition[] = [...ANYWHERE, 'rust-stain'];

/** What lays this substrate open where it is found: on iron, and iron under zinc, rust too; elsewhere that is a stain. */
export const laysOpen = (substrate: Substrate): readonly Condition[] => (groundOf(substrate) === 'metal' && substrate !== 'aluminium' ? ON_IRON : ANYWHERE);
