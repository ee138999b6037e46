import type { DrillJudged, DrillQuestion } from '@rustic/core';
import { Typed } from '../form/atOnce.tsx';
import { Act, Chip } from '../page/Act.tsx';
import { Refused } from '../page/Page.tsx';
import { readFigure } from '../words/readFigure.ts';
import { useWords } from '../words/Words.tsx';
import { PatchPictures } from './PatchPictures.tsx';
import { SureRange } from './SureRange.tsx';
import type { DrillDone, Said } from './useDrill.ts';

/** A drill: what is told, what is asked, and then what was so and why. */
export function Drill({ done, onNext }: { done: DrillDone; onNext: () => void }) {
  const { inOurWords } = useWords();
  const { drill } = done.drawn;
  return (
    <section aria-label={drill.name}>
      <p className="mb-2 max-w-[62ch] font-serif text-[18px]">{inOurWords(drill.story)}</p>
      {drill.code === 'patches' && <PatchPictures seed={drill.seed} />}
      {drill.sheet.length > 0 && (
        <dl aria-label="What is known" className="mb-4 max-w-[76ch] border-t border-rule">
          {drill.sheet.map(({ words, says }) => (
            <div key={words} className="flex flex-wrap gap-x-4 border-b border-rule py-1 text-[15px]">
              <dt className="w-40 font-semibold">{words}</dt>
              <dd className="min-w-0 flex-1">{inOurWords(says)}</dd>
            </div>
          ))}
        </dl>
      )}
      <Refused error={done.keeping.error} />
      <ol className="border-t-2 border-ink">
        {drill.questions.map((question) => (
          <li key={question.id} className="border-b border-rule py-2">
            <Asked
              question={question}
              said={done.saidTo(question.id)}
              judged={done.judged?.find((j) => j.question === question.id) ?? null}
              truth={done.drawn.truths[question.id]!}
              onSay={(said) => done.say(question.id, said)}
            />
          </li>
        ))}
      </ol>
      <div className="mt-3 flex flex-wrap items-center gap-3">
        {done.judged ? (
          <Act letter="n" words="Another" main onAct={onNext} />
        ) : (
          <Act letter="p" words="See what is so" main disabled={!done.isAnswered} onAct={done.finish} />
        )}
        {!done.judged && !done.isAnswered && (
          <span className="text-sm text-faded">
            Answer every question first: {done.answered} of {drill.questions.length} so far.
          </span>
        )}
      </div>
    </section>
  );
}

interface AskedProps {
  question: DrillQuestion;
  said: Said;
  judged: DrillJudged | null;
  truth: DrillDone['drawn']['truths'][string];
  onSay: (said: Said) => void;
}

function Asked({ question, said, judged, truth, onSay }: AskedProps) {
  const { inOurWords } = useWords();
  const { id, asks, options, unit } = question;
  return (
    <fieldset aria-labelledby={`asks-${id}`}>
      <p id={`asks-${id}`} className="mb-1 font-semibold">
        {asks}
      </p>
      {judged ? (
        <>
          <p className={judged.right ? '' : 'font-semibold text-madder'}>
            {judged.right ? 'Right: ' : `You said ${wordsOf(question, said.says)}. It is `}
            {truth.words}
            {judged.right ? `, ${Math.round(judged.sure * 100)} in 100.` : '.'}
          </p>
          <p className="text-sm text-faded">{inOurWords(truth.because)}</p>
        </>
      ) : (
        <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
          {options ? (
            <span className="flex flex-wrap gap-1.5">
              {options.map(({ code, words }) => (
                <Chip key={code} pressed={said.says === code} onPress={() => onSay({ ...said, says: code })}>
                  {words}
                </Chip>
              ))}
            </span>
          ) : (
            <Figure unit={unit} said={said} onSay={onSay} />
          )}
          <SureRange sure={said.sure} onSay={(sure) => onSay({ ...said, sure })} />
        </div>
      )}
    </fieldset>
  );
}

const wordsOf = ({ options, unit }: DrillQuestion, says: Said['says']): string =>
  options?.find((o) => o.code === says)?.words.toLowerCase() ?? `${says ?? ''} ${unit}`;

/** A figure as it is typed, with a point or a comma; what is no figure answers nothing. */
function Figure({ unit, said, onSay }: { unit: string; said: Said; onSay: (said: Said) => void }) {
  return (
    <Typed
      words={`In ${unit}`}
      value={said.typed ?? ''}
      inputMode="decimal"
      onType={(typed) => {
        const figure = readFigure(typed);
        onSay({ ...said, typed, says: figure >= 0 ? figure : null });
      }}
      width="w-28"
    />
  );
}
