import type { DrillCode } from '@rustic/core';
import { Chip } from '../page/Act.tsx';
import type { PracticePage } from '../store/endpoints.ts';
import type { Doing } from './Practice.tsx';

const DRILL_WORDS: Readonly<Record<DrillCode, string>> = {
  'by-head': 'By head',
  'by-head-us': 'By head',
  door: 'A door back by evening',
  week: 'A week of weather',
  patches: 'Patches by eye',
};

export interface Choices {
  page: PracticePage;
  drills: readonly DrillCode[];
  doing: Doing;
  onRoom: () => void;
  onDrill: (code: DrillCode) => void;
}

/** What may be practised: a room, or one of the drills; what is known least is marked. */
export function WhatToPractise({ page, drills, doing, onRoom, onDrill }: Choices) {
  // Reckoning by head is offered in the units that somebody reads.
  const least = page.drill.code === 'by-head' ? ['by-head', 'by-head-us'] : [page.drill.code];
  return (
    <div role="group" aria-label="What to practise" className="no-print mb-4 flex flex-wrap gap-1.5">
      <Chip pressed={doing.kind === 'room'} onPress={() => doing.kind !== 'room' && onRoom()}>
        A room
      </Chip>
      {drills.map((code) => (
        <Chip key={code} pressed={doing.kind === 'drill' && doing.code === code} onPress={() => onDrill(code)}>
          {DRILL_WORDS[code]}
          {least.includes(code) && <span className="text-sm opacity-80"> · next of these</span>}
        </Chip>
      ))}
    </div>
  );
}
