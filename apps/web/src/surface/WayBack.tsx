import {
  FINISH_FAMILIES,
  PRIMER_FAMILIES,
  readDuration,
  TROUBLE_LABELS,
  TROUBLES,
  type Family,
  type Trouble,
} from '@rustic/core';
import { Chip } from '../page/Act.tsx';
import { Refused } from '../page/Page.tsx';
import { capital, sayHours, sayMoney, isTold } from '../words/figures.ts';
import { newId } from '../store/newId.ts';
import { type SecondCoat, type SurfacePage, useWayBackQuery, useWriteWayBackMutation } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { Form } from '../form/Form.tsx';
import { DurationField, SelectField, TextField, TickField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { SecondCoats } from './SecondCoats.tsx';
import { WaysOff } from './WaysOff.tsx';

const COATS: readonly Family[] = [...PRIMER_FAMILIES, ...FINISH_FAMILIES];

/** Something looks wrong: what it is, and the way back as steps. */
export function WayBack({ data, onDone }: { data: SurfacePage; onDone: () => void }) {
  const { inOurWords, sayFamily, sayStep } = useWords();
  const surfaceId = data.surface.id;
  const draft = useDraft(`way-back/${surfaceId}`, {
    fault: null as Trouble | null,
    wet: false,
    note: '',
    ago: '',
    family: '' as Family | '',
    second: null as SecondCoat['code'] | null,
  });
  const { fault, wet, ago, family, second } = draft.said;
  const typed = readDuration(ago);
  const asked = {
    surfaceId,
    fault: fault!,
    wet,
    ...(typed === null ? {} : { ageHours: typed / 60 }),
    ...(family ? { family } : {}),
    ...(fault === 'shows-through' && second ? { second } : {}),
  };
  const { data: way, error, isFetching } = useWayBackQuery(asked, { skip: fault === null });
  const [write, writing] = useWriteWayBackMutation();
  const keep = ({ note }: typeof draft.said) => write({ ...asked, id: newId(), note });
  return (
    <Form
      draft={draft}
      label="The way back"
      words={fault ? `Write it down: ${capital(TROUBLE_LABELS[fault])}` : 'Write it down'}
      busy={writing.isLoading}
      disabled={!way || isFetching || fault === null}
      error={writing.error}
      className="mb-4 border-y-2 border-ink bg-leaf px-3 py-3 wide:px-4"
      footClass="mt-2"
      onSend={keep}
      onSent={onDone}
      onLeave={onDone}
    >
      <p className="font-semibold">What does it do?</p>
      <div role="group" aria-label="Fault" className="mt-1 flex flex-wrap gap-1.5">
        {TROUBLES.map((f) => (
          <Chip key={f} pressed={fault === f} onPress={() => draft.say({ fault: f })}>
            {TROUBLE_LABELS[f]}
          </Chip>
        ))}
      </div>
      <TickField name="wet" words="It is still wet" className="mt-2" />
      {way && !way.laidAt && (
        <div className="mt-2 flex flex-wrap gap-3">
          <SelectField
            name="family"
            words="What was laid?"
            unsaid="the first coat of the system"
            options={COATS}
            say={(one) => capital(sayFamily(one))}
            width="w-64"
          />
          <DurationField name="ago" words="How long ago was it laid?" such="3 h or 2 days" width="w-36" />
        </div>
      )}
      <Refused error={error} />
      {way && (
        <>
          <p>
            <strong>{inOurWords(way.cause)}</strong> Back to: {inOurWords(way.backTo)}.
          </p>
          {way.seconds.length > 0 && (
            <SecondCoats
              seconds={way.seconds}
              chosen={second}
              currency={data.firm.currency}
              onChoose={(code) => draft.say({ second: code })}
            />
          )}
          <WaysOff found={way} ageHours={typed === null ? null : typed / 60} currency={data.firm.currency} />
          <ol className="mt-1 max-w-[720px]">
            {way.steps.map((step, i) => (
              <li key={i} className="grid grid-cols-[28px_1fr] border-b border-rule py-1">
                <span className="font-bold">{i + 1}</span>
                <span>
                  {sayStep(step)}
                  {i < way.undoes && <span className="text-sm text-faded">, undoing</span>}
                  <span className="block text-sm text-faded">{step.why.map(inOurWords).join(' ')}</span>
                </span>
              </li>
            ))}
          </ol>
          <p className="mt-1 font-semibold">
            {sayHours(way.price.minutes)} h
            {isTold(way.price.cost) && `, ${sayMoney(way.price.cost, data.firm.currency)}`}
          </p>
          <TextField name="note" words="What was seen" maxLength={600} className="mt-2" width="w-full max-w-[480px]" />
        </>
      )}
    </Form>
  );
}
