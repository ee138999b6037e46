import { describe, expect, test } from '@jest/globals';
import { LEDGER_EVENTS, type LedgerKind } from '@rustic/core';
import { commandOf } from '../src/outbox/earlier.ts';
import { isSentHere, sentHere } from '../src/outbox/ownWrites.ts';
import { tagsMovedBy } from '../src/store/moved.ts';
import { TAGS, type Tag } from '../src/store/tags.ts';

const named = (tag: Tag) => (typeof tag === 'string' ? tag : `${tag.type} ${tag.id}`);
const moved = (kind: LedgerKind, subject: string | null = 's1') =>
  tagsMovedBy({ jobId: 'j1', kind, subject }).map(named);

describe('what an entry moves', () => {
  test('a logged coat: its surface, its job’s figures, the plan, the run sheet and what follows; no other surface', () => {
    expect(new Set(moved('coat-logged'))).toEqual(
      new Set(['Ledger j1', 'Job j1', 'Jobs', 'Surface s1', 'Plan j1', 'Plan firm', 'Today', 'Aftercare']),
    );
  });
  test('a test: every surface of the house, since what is known of one bears on the others', () => {
    expect(moved('test-recorded')).toEqual(expect.arrayContaining(['House j1', 'Plan j1', 'Today', 'Ledger j1']));
  });
  test('air: what lies in that room, and not in another', () => {
    expect(moved('air-read', 'r1')).toEqual(expect.arrayContaining(['Room r1', 'Plan j1', 'Today']));
    expect(moved('air-read', 'r1')).not.toContain('House j1');
  });
  test('a quote: nothing on site', () => {
    expect(new Set(moved('quote-sent', 'd1'))).toEqual(new Set(['Ledger j1', 'Job j1', 'Jobs']));
  });
  test('every kind of entry is shown in the ledger of its job, and only in tags that there are', () => {
    for (const kind of Object.keys(LEDGER_EVENTS) as LedgerKind[]) {
      const tags = tagsMovedBy({ jobId: 'j1', kind, subject: null });
      expect([kind, tags.map(named)]).toEqual([kind, expect.arrayContaining(['Ledger j1'])]);
      for (const tag of tags) expect(TAGS).toContain(typeof tag === 'string' ? tag : tag.type);
    }
  });
  test('a kind of a later release moves the whole house', () => {
    expect(moved('glued-on' as LedgerKind)).toContain('House j1');
  });
});

describe('a page’s own writes', () => {
  test('are known again, the last two hundred of them', () => {
    for (let i = 0; i < 201; i++) sentHere(`w${i}`);
    expect(['w0', 'w1', 'w200', 'x'].map(isSentHere)).toEqual([false, true, true, false]);
    expect(isSentHere(null)).toBe(false);
  });
});

test('what a device kept before commands had names is known by where it goes', () => {
  const job = '/api/jobs/6f1';
  const asked = [
    [`${job}/work`, 'logWork'],
    [`/api/surfaces/a/tests`, 'recordTest'],
    [`${job}/photos?id=1&roomId=2`, 'keepPhoto'],
    [`${job}/faults`, 'markFault'],
    ['/api/faults/9/acts', 'closeFault'],
    ['/api/visits/9/acts', 'endVisit'],
    ['/api/follow-ups/9/close', 'closeFollowUp'],
    ['/api/holds/9/release', 'releaseHold'],
    [`${job}/looks`, 'lookAgain'],
    ['/api/rooms/9/readings', 'readAir'],
  ] as const;
  expect(asked.map(([path]) => commandOf(path))).toEqual(asked.map(([, command]) => command));
});
