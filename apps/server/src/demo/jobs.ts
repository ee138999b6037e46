import { FERRYKEEPERS_HOUSE } from './jobs/ferrykeepersHouse.ts';
import { CORNCRAKE_GRANARY } from './jobs/corncrakeGranary.ts';
import { NUMBER_FOUR_ROPEWALK } from './jobs/numberFourRopewalk.ts';
import { NET_LOFT } from './jobs/netLoft.ts';
import type { DemoJob } from './demoJob.ts';

/** The four jobs of the demo. Every place, person and product is invented; times are relative to the day it is loaded. */
export const DEMO_JOBS: readonly DemoJob[] = [FERRYKEEPERS_HOUSE, CORNCRAKE_GRANARY, NUMBER_FOUR_ROPEWALK, NET_LOFT];
