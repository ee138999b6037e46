import type { Condition, Substrate } from '../../vocabulary/index.ts';
import { canRust } from '../facts.ts';

/** A film that shows one of these lets go. */
export const LETS_GO: readonly Condition[] = ['peeling', 'flaking', 'blistering'];
/** Where it shows one of these it is taken off to the ground, as far as that was measured. Source: practice. */
const ANYWHERE: readonly Condition[] = [...LETS_GO, 'cracking', 'weathered-wood'];
const ON_IRON: readonly Condition[] = [...ANYWHERE, 'rust-stain'];

/** What lays this substrate open where it is found: on iron, and iron under zinc, rust too; elsewhere that is a stain. */
export const laysOpen = (substrate: Substrate): readonly Condition[] => (canRust(substrate) ? ON_IRON : ANYWHERE);
