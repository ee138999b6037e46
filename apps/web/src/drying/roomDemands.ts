import type { PlanRoom } from '../store/endpoints.ts';

/** What is asked of a room, and where its air is known from. */
export type RoomDemands = Pick<PlanRoom, 'backBy' | 'fumesOutBy' | 'maxNightsOut' | 'airFrom'>;
