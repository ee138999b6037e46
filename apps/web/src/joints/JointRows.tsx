import { FAMILY_LABELS } from '@rustic/core';
import { Mark } from '../page/notes.tsx';
import type { JointOfRoom, JointsPage } from '../store/endpoints.ts';
import { useSight } from '../store/store.ts';
import { useMay } from '../store/useMay.ts';
import { capital } from '../words/figures.ts';
import { sayMetres } from '../words/length.ts';
import { JointFields } from './JointFields.tsx';
import { actWords, insideWords, sayWidth } from './jointWords.ts';

interface Props {
  data: JointsPage;
  chosen: string | null;
  onChoose: (id: string | null) => void;
  onTakenOff: (joint: JointOfRoom, version: number) => void;
}

/** Every joint of the room as a line of the ledger; the chosen one opens. */
export function JointRows(props: Props) {
  if (props.data.joints.length === 0) return null;
  return (
    <>
      <p className="mt-3 grid grid-cols-[24px_1fr] gap-x-2 border-b-2 border-ink px-1 text-sm text-faded wide:grid-cols-[24px_minmax(0,5fr)_minmax(0,8fr)_72px]">
        <span className="col-start-2 max-wide:hidden">Joint</span>
        <span className="col-start-2 wide:col-start-auto">
          What is done, and why
          <Mark n={1} />
        </span>
      </p>
      <Rows {...props} />
    </>
  );
}

function Rows({ data, chosen, onChoose, onTakenOff }: Props) {
  const may = useMay();
  const units = useSight((s) => s.units);
  return (
    <ol aria-label="Joints">
      {data.joints.map((joint, i) => (
        <li key={joint.id} className={`border-b border-rule ${joint.id === chosen ? 'bg-tab' : ''}`}>
          <button
            type="button"
            aria-expanded={joint.id === chosen}
            onClick={() => onChoose(joint.id === chosen ? null : joint.id)}
            className="grid min-h-[44px] w-full grid-cols-[24px_1fr_auto] gap-x-2 px-1 py-1.5 text-left wide:grid-cols-[24px_minmax(0,5fr)_minmax(0,8fr)_72px]"
          >
            <strong className="font-semibold">{i + 1}</strong>
            <span className="min-w-0">
              <strong className="font-semibold">{joint.name}</strong>
              <span className="block text-sm text-faded">
                {sayWidth(joint.widthMm, units)} wide, {insideWords(joint)}
              </span>
            </span>
            <span className="text-right wide:order-last">{sayMetres(joint.metres, units)}</span>
            <span className="col-span-2 col-start-2 wide:col-span-1 wide:col-start-auto">
              <Goes joint={joint} />
            </span>
          </button>
          {joint.id === chosen && may.work && (
            <JointFields
              joint={joint}
              surfaces={data.surfaces}
              currency={data.currency}
              onTakenOff={(version) => onTakenOff(joint, version)}
            />
          )}
        </li>
      ))}
    </ol>
  );
}

/** What is done along it, with what, and why; where it is not known what is in it, what to read next. */
function Goes({ joint }: { joint: JointOfRoom }) {
  const { plan, next } = joint;
  const isSealed = plan.family !== null && (plan.act === 'seal' || plan.act === 'cut-out');
  return (
    <>
      <span className={plan.act === 'find-out' ? 'font-semibold text-madder' : ''}>
        {actWords(joint)}
        {isSealed && `: ${FAMILY_LABELS[plan.family!]}${plan.rod ? ' over a rod' : ''}`}
      </span>
      <span className="block text-sm text-faded">
        {next ? next.why : plan.act === 'leave' || plan.act === 'find-out' ? '' : capital(plan.why)}
      </span>
    </>
  );
}
