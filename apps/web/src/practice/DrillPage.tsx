import { rightIn } from '@rustic/core';
import { Page, Total } from '../page/Page.tsx';
import type { PracticePage } from '../store/endpoints.ts';
import { Drill } from './Drill.tsx';
import { OwnRecord } from './OwnRecord.tsx';
import type { Doing } from './Practice.tsx';
import { useDrill } from './useDrill.ts';
import { WhatToPractise, type Choices } from './WhatToPractise.tsx';

interface Props {
  page: PracticePage;
  doing: Doing & { kind: 'drill' };
  choices: Choices;
}

/** A drill, and how one does. */
export function DrillPage({ page, doing, choices }: Props) {
  const done = useDrill(doing.code, doing.seed);
  const { drill } = done.drawn;
  const { questions } = drill;
  return (
    <Page
      title={drill.name}
      above="Practice"
      footing={
        <>
          <Total words="answered" figure={`${done.answered} of ${questions.length}`} />
          {done.judged && <Total words="right" figure={`${rightIn(done.judged)} of ${questions.length}`} />}
          <Total end words="drills done" figure={page.drills} />
        </>
      }
    >
      <WhatToPractise {...choices} />
      <Drill done={done} onNext={() => choices.onDrill(doing.code)} />
      <OwnRecord page={page} />
    </Page>
  );
}
