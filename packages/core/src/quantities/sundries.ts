import { chemistryOf, isCoat, isTopcoat, type Family } from '../vocabulary/index.ts';
import type { Case } from '../systems/case.ts';
import type { Step } from '../model/step.ts';
import { toolsFor } from '../systems/tools.ts';
import {
  ABRASIVE_M2,
  BEAD_FILLS,
  BEAD_OF,
  beadDepthMm,
  CARTRIDGES_A_M2,
  gritBand,
  LITRES_A_STRAINER,
  METRES_A_CARTRIDGE,
  METRES_A_COIL,
  METRES_OF_TAPE,
  TAPES_A_JOINT,
  METRES_A_ROLL,
  SUNDRIES,
  USES,
  WORN,
  type SundryCode,
} from './knowledge/sundries.ts';
import type { StepEstimate } from './estimate.ts';
import { jointLength } from './joints.ts';
import { areaOf } from './paint.ts';

/** One sundry to be brought: how many, whole units, and what it is for in words. Price in minor units for all of it. */
export interface SundryNeed {
  /** The sundry, and what tells it from others of its kind: the grit, the nap. */
  key: string;
  words: string;
  unit: string;
  count: number;
  price: number;
}

/** The work of one surface, as its sundries are counted. */
export interface SundryWork {
  c: Case;
  steps: readonly Step[];
  estimates: readonly StepEstimate[];
}

interface Counted {
  code: SundryCode;
  detail: string;
  amount: number;
}

/** Shellac and two-part sleeves and brushes are thrown away; else the house rule says how many. */
function layingTools(step: Step, family: Family, c: Case): Counted[] {
  const coats = step.coats ?? 1;
  const chemistry = chemistryOf(family);
  const throwaway = chemistry === 'alcohol-borne' || chemistry === 'two-part';
  const { napMm } = toolsFor(step, c);
  const each = throwaway || c.rules.rollers === 'new-each-coat';
  return [
    ...(napMm === null ? [] : [{ code: 'sleeve' as const, detail: `${napMm} mm nap`, amount: each ? coats : 1 }]),
    ...(throwaway && step.method !== 'roll' && step.method !== 'aerosol'
      ? [{ code: 'throwaway-brush' as const, detail: '', amount: coats }]
      : []),
  ];
}

/** Cartridges and rods along joints: by width and colour where they were drawn, else by what was measured of them. */
function beadsOf(step: Step, c: Case, area: number): Counted[] {
  const bead = step.kind === 'caulk' ? BEAD_OF[step.family ?? 'acrylic-caulk'] : undefined;
  if (!bead) return [];
  if (!step.joints) {
    const metres = jointLength(step, c.d.surface);
    return [{ code: bead.code, detail: '', amount: metres > 0 ? metres / METRES_A_CARTRIDGE : CARTRIDGES_A_M2 * area }];
  }
  return step.joints.flatMap(({ lengthM, widthMm, colour, rod }) => [
    { code: bead.code, detail: colour, amount: (lengthM * widthMm * beadDepthMm(widthMm) * BEAD_FILLS) / bead.ml },
    ...(rod ? [{ code: 'backing-rod' as const, detail: '', amount: lengthM / METRES_A_COIL }] : []),
  ]);
}

function ofStep(step: Step, estimate: StepEstimate, c: Case): Counted[] {
  if (step.kind === 'mask' && step.parts)
    return [{ code: 'line-tape', detail: '', amount: step.parts.tapeM / METRES_A_ROLL }];
  const area = areaOf(step, c.d.surface);
  if (step.kind === 'mask' && step.joints)
    return [{ code: 'tape', detail: '', amount: (TAPES_A_JOINT * jointLength(step, c.d.surface)) / METRES_OF_TAPE }];
  const used = (USES[step.kind] ?? []).map(({ code, each = 0, perM2 = 0 }) => ({
    code,
    detail: '',
    amount: each + perM2 * area,
  }));
  const rubbed =
    step.kind === 'sand' || step.kind === 'sand-between'
      ? [
          {
            code: step.technique === 'wet' ? ('wet-abrasive' as const) : ('abrasive' as const),
            detail: `${step.grit ?? 180} grit`,
            amount: area / ABRASIVE_M2[gritBand(step.grit ?? 180)],
          },
        ]
      : [];
  const worn = (step.wear ?? []).flatMap((wear) => {
    const one = WORN[wear];
    return one ? [{ code: one.code, detail: '', amount: estimate.minutes / one.minutes }] : [];
  });
  const strained = isTopcoat(step.kind)
    ? [{ code: 'filter' as const, detail: '', amount: estimate.litres / LITRES_A_STRAINER }]
    : [];
  const laid = isCoat(step.kind) && step.family ? layingTools(step, step.family, c) : [];
  return [...used, ...beadsOf(step, c, area), ...rubbed, ...worn, ...strained, ...laid];
}

/**
 * What is used up over a whole job, each kind counted over all surfaces and then made whole: one roll of tape serves
 * several rooms, and a sheet of 120 is no sheet of 240. In the order of the table, then by grit or nap. `level` is what
 * sundries cost where the firm buys, as times the table's prices.
 */
export function sundriesFor(work: readonly SundryWork[], level = 1): SundryNeed[] {
  const sums = new Map<string, Counted>();
  for (const { c, steps, estimates } of work)
    steps.forEach((step, i) => {
      for (const one of ofStep(step, estimates[i]!, c)) {
        const key = `${one.code}/${one.detail}`;
        const sum = sums.get(key);
        if (sum) sum.amount += one.amount;
        else sums.set(key, { ...one });
      }
    });
  const codes = Object.keys(SUNDRIES);
  return [...sums]
    .filter(([, { amount }]) => amount > 0)
    .sort(
      ([a, x], [b, y]) => codes.indexOf(x.code) - codes.indexOf(y.code) || a.localeCompare(b, 'en', { numeric: true }),
    )
    .map(([key, { code, detail, amount }]) => {
      const { words, unit, price } = SUNDRIES[code];
      // Rounding noise must not buy a sheet more.
      const count = Math.ceil(Math.round(amount * 1e6) / 1e6);
      return {
        key,
        words: detail ? `${words}, ${detail}` : words,
        unit,
        count,
        price: count * Math.round(price * level),
      };
    });
}
