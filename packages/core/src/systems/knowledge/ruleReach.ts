import type { HouseRuleCode } from '../../vocabulary/index.ts';
import { isWoodwork, staysWet, wetOrGreasy } from '../../evidence/facts.ts';
import { caseInZone, type Case } from '../case.ts';
import { letsGoOfOil } from '../onOil.ts';

const oilFace = (c: Case) => c.treatAs === 'oil' || c.treatAs === 'over-oil';

/** Where each house rule can change a specification at all: the schools differ on these surfaces and no others. */
const RULE_REACH: Record<HouseRuleCode, (c: Case) => boolean> = {
  // No oil primes itself.
  newBoard: (c) => c.bare && c.d.surface.substrate === 'drywall' && c.goesTo === 'waterborne',
  // Bare timber is primed over all, its filled spots with it.
  fillerSpots: (c) => !c.clear && c.is('filler-patches', 'nail-holes', 'scratches', 'substrate-crack') && !(c.bare && c.ground === 'timber'),
  bareTimberInside: (c) => c.bare && c.ground === 'timber' && !c.outside && c.goesTo === 'waterborne',
  oilTrim: (c) => oilFace(c) && c.joinery && !c.outside && c.ground === 'timber',
  // Almost every primer that grips or blocks is open to it.
  blocker: () => true,
  waterborneOverOil: (c) => c.treatAs === 'over-oil' && !letsGoOfOil(c),
  woodwork: (c) => isWoodwork(c.d.surface),
  greaseRooms: (c) => wetOrGreasy(c.d.surface),
  undercoat: (c) => c.goesTo === 'solvent-borne' || (c.bare && c.ground === 'timber' && c.joinery && !c.outside),
  // Makers decide whether a system may stand, not what is in it; order and rollers belong to the plan.
  makers: () => false,
  sanding: () => true,
  primerTint: (c) => c.wanted.colour !== null,
  finishCoats: () => true,
  furnitureClear: (c) => c.furniture,
  paper: (c) => c.ground === 'paper',
  exteriorBare: (c) => c.outside && c.ground === 'timber',
  silicone: (c) => c.is('silicone') && !staysWet(c.d.surface),
  caulkWhen: (c) => c.is('gaps', 'moving-joints', 'silicone', 'end-grain', 'rot'),
  roomOrder: () => false,
  rollers: () => false,
  planGoal: () => false,
};

/** A house rule can change what is done here: over the whole, or in one of its places. */
export const ruleReaches = (rule: HouseRuleCode, c: Case): boolean =>
  RULE_REACH[rule](c) || (c.d.zones.length > 1 && c.d.zones.some((zone) => RULE_REACH[rule](caseInZone(c, zone))));
