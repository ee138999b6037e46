import type { JointSide } from '../../vocabulary/index.ts';

/** What a side of a joint asks of what goes into it. */
export interface SideRow {
  /** Water stands or runs there. */
  wet?: true;
  /** It is never painted, so that what meets it is not either where nothing else is said. */
  unpainted?: true;
  /** It moves against whatever it meets: it swells, is walked on, loaded or warmed. */
  moves?: true;
  /** It drinks nothing: a bead of caulk comes off it. */
  slick?: true;
  /** What cures with acid stains or corrodes it. */
  acidHarms?: true;
}

/** Source: practice. */
export const SIDES: Readonly<Record<JointSide, SideRow>> = {
  wall: {},
  ceiling: {},
  trim: {},
  frame: {},
  cabinet: {},
  floor: { moves: true },
  bath: { wet: true, unpainted: true, moves: true, slick: true },
  basin: { wet: true, unpainted: true, moves: true, slick: true },
  worktop: { wet: true, unpainted: true, moves: true, slick: true },
  tile: { unpainted: true, slick: true },
  stone: { unpainted: true, acidHarms: true },
  metal: { moves: true, slick: true, acidHarms: true },
  glass: { unpainted: true, moves: true, slick: true },
  plastic: { unpainted: true, moves: true, slick: true },
  siding: { moves: true },
  masonry: { moves: true },
};
