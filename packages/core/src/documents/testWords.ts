import { RESULT_LABELS, TEST_LABELS } from '../vocabulary/index.ts';
import type { TestRecord } from '../model/test.ts';

/** A test as it is said: "Spirit rub: nothing on the rag". */
export function testWords(test: TestRecord): string {
  if (test.kind === 'cross-cut') return `Cross-cut: grade ${test.grade}`;
  if (test.kind === 'moisture-meter') return `Moisture: ${test.value} %`;
  if (test.kind === 'sheen-look')
    return `${RESULT_LABELS[test.result ?? '']?.replace(/^./, (c) => c.toUpperCase())}${test.yellowed ? ', yellowed' : ''}`;
  return `${TEST_LABELS[test.kind]}: ${RESULT_LABELS[test.result ?? ''] ?? test.result}`;
}
