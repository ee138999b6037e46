import { sayLength } from '../units/duration.ts';
import {
  CHIP_LAYER_LABELS,
  coatsIn,
  FAMILY_LABELS,
  MOISTURE_SCALE_LABELS,
  RESULT_LABELS,
  TEST_LABELS,
} from '../vocabulary/index.ts';
import type { TestRecord } from '../model/test.ts';

/** A test as it is said: "Spirit rub: nothing on the rag". */
export function testWords(test: TestRecord): string {
  if (test.kind === 'cross-cut') return `Cross-cut: grade ${test.grade}`;
  if (test.kind === 'moisture-meter')
    return `Moisture: ${test.value}${test.scale && test.scale !== 'wood' ? ` (${MOISTURE_SCALE_LABELS[test.scale]})` : ' %'}`;
  if (test.kind === 'chip-look')
    return `Chip, from the top: ${(test.layers ?? []).map((layer) => CHIP_LAYER_LABELS[layer]).join(', ')}`;
  if (test.kind === 'sheen-look')
    return `${RESULT_LABELS[test.result ?? '']?.replace(/^./, (c) => c.toUpperCase())}${test.yellowed ? ', yellowed' : ''}`;
  if (test.kind === 'test-patch') return patchWords(test);
  const early = test.readEarly ? ', read early' : '';
  return `${TEST_LABELS[test.kind]}: ${RESULT_LABELS[test.result ?? ''] ?? test.result}${early}`;
}

/** A patch as it was read: "Shellac primer patch, two coats, after 30 min: covers". */
function patchWords({ family, coats, minutes, result }: TestRecord): string {
  const what = family ? `${FAMILY_LABELS[family]} patch` : TEST_LABELS['test-patch'];
  const about = [coats ? coatsIn(coats) : '', minutes ? `after ${sayLength(minutes)}` : ''].filter(Boolean);
  const words = [what, ...about].join(', ').replace(/^./, (c) => c.toUpperCase());
  return `${words}: ${RESULT_LABELS[result ?? ''] ?? result}`;
}
