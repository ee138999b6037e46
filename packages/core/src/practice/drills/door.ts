import { reaches, type Air } from '../../drying/index.ts';
import { sayLength } from '../../units/duration.ts';
import type { Chemistry } from '../../vocabulary/index.ts';
import { drawnBy } from '../byLot.ts';
import type { DrawnDrill, DrillTruth } from './drill.ts';

/** What the label of a paint says, at 23 °C and 50 %. */
export interface DoorPaint {
  id: string;
  chemistry: Chemistry;
  recoatMin: number;
  handleMin: number;
  minTempC: number;
}

/** Paints that a label may be of, with waits as labels have them. */
const PAINTS = [
  { chemistry: 'waterborne', recoats: [60, 90, 120, 180, 240], handles: [1, 1.5, 2], minTempC: 10 },
  { chemistry: 'waterborne', recoats: [120, 240, 360], handles: [1, 1.5], minTempC: 8 },
  { chemistry: 'solvent-borne', recoats: [180, 240, 360], handles: [0.5, 1], minTempC: 5 },
  { chemistry: 'alcohol-borne', recoats: [45, 60, 90, 180], handles: [1, 2], minTempC: 5 },
] as const satisfies readonly { chemistry: Chemistry; recoats: number[]; handles: number[]; minTempC: number }[];
const NAMES = ['First tin', 'Second tin', 'Third tin', 'Fourth tin'] as const;
/** How long a coat takes, all round. */
const COAT_MIN = 30;
const COATS = 2;
/** Drawn again so often at the most, until one of them is in time and another is not. */
const MOST_DRAWS = 40;

/** The minute of the day at which a door may be hung that was begun at `from`; null: never, in this air. */
export function hungAt(
  { chemistry, minTempC, recoatMin, handleMin }: DoorPaint,
  air: SteadyAir,
  from: number,
): number | null {
  if (air.temperatureC < minTempC) return null;
  let at = from;
  for (let coat = 1; coat <= COATS; coat += 1) {
    const label = coat < COATS ? recoatMin : handleMin;
    const dry = reaches({ chemistry, minTempC }, air, at + COAT_MIN, label);
    if (dry === null) return null;
    at = dry;
  }
  return at;
}
type SteadyAir = Air & { kind: 'steady' };

const clock = (minute: number) => `${Math.floor(minute / 60)}:${String(Math.round(minute) % 60).padStart(2, '0')}`;
const oneOf = <T>(list: readonly T[], u: number): T => list[Math.floor(u * list.length)]!;

interface Drawn {
  air: SteadyAir;
  from: number;
  backBy: number;
  paints: DoorPaint[];
}

function drawnWith(seed: number, draw: number): Drawn {
  const lot = (what: string) => drawnBy('door', seed, draw, what);
  return {
    air: {
      kind: 'steady',
      temperatureC: 10 + Math.round(lot('air') * 16),
      relativeHumidityPct: 40 + Math.round(lot('damp') * 9) * 5,
    },
    from: 420 + Math.round(lot('from') * 8) * 15,
    backBy: 990 + Math.round(lot('by') * 6) * 30,
    paints: NAMES.map((_, i) => {
      const { chemistry, recoats, handles, minTempC } = oneOf(PAINTS, lot(`kind ${i}`));
      const recoatMin = oneOf<number>(recoats, lot(`recoat ${i}`));
      return {
        id: `tin-${i + 1}`,
        chemistry,
        recoatMin,
        handleMin: recoatMin * oneOf<number>(handles, lot(`handle ${i}`)),
        minTempC,
      };
    }),
  };
}

/** A door that has to hang again by the evening: which paints make it, in the air that there is. */
export function doorDrill(seed: number): DrawnDrill {
  let draw = 0;
  let drawn = drawnWith(seed, draw);
  const inTime = (p: DoorPaint) => (hungAt(p, drawn.air, drawn.from) ?? Infinity) <= drawn.backBy;
  while (draw < MOST_DRAWS && new Set(drawn.paints.map(inTime)).size < 2) drawn = drawnWith(seed, (draw += 1));
  const { air, from, backBy, paints } = drawn;
  const truthOf = (paint: DoorPaint): DrillTruth => {
    const at = hungAt(paint, air, from);
    const truth = inTime(paint) ? 'in-time' : 'late';
    return {
      truth,
      fits: (says) => says === truth,
      words: truth === 'in-time' ? 'In time' : 'Too late',
      because:
        at === null
          ? 'In this air it may not be laid, or never dries.'
          : `Two coats and their waits in this air: it may hang from ${at < 1440 ? clock(at) : 'the next day'} on.`,
    };
  };
  return {
    drill: {
      code: 'door',
      seed,
      name: 'A door back by evening',
      story: `A door comes off at ${clock(from)} and has to hang by ${clock(backBy)}, so that the house can be shut. Two coats all round, half an hour each. The air is ${air.temperatureC} °C and ${air.relativeHumidityPct} %; labels are for 23 °C and 50 %.`,
      sheet: paints.map(({ chemistry, recoatMin, handleMin, minTempC }, i) => ({
        words: `${NAMES[i]}, ${chemistry}`,
        says: `next coat after ${sayLength(recoatMin)}, may be handled after ${sayLength(handleMin)}, not under ${minTempC} °C`,
      })),
      questions: paints.map(({ id }, i) => ({
        id,
        asks: NAMES[i]!,
        options: [
          { code: 'in-time', words: 'In time' },
          { code: 'late', words: 'Too late' },
        ],
        unit: '',
      })),
    },
    truths: Object.fromEntries(paints.map((paint) => [paint.id, truthOf(paint)])),
  };
}
