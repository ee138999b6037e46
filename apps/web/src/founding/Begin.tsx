import { useNavigate, Link } from 'react-router';
import { useState, type ReactNode } from 'react';
import { Mark } from '../page/notes.tsx';
import { Coming, Page, Refused } from '../page/Page.tsx';
import { sayMoney } from '../words/figures.ts';
import { intoDemo } from './intoFirm.ts';
import { useJobSumsQuery, useSessionQuery, useShelfQuery } from '../store/endpoints.ts';

const LINE = 'grid items-center gap-x-4 gap-y-1 border-b border-rule py-3 wide:grid-cols-[34px_1fr_auto]';
const GO =
  'flex min-h-[44px] items-center justify-center rounded border border-ink px-4 font-semibold hover:bg-tab disabled:opacity-50';

/** What a new firm does first, in the order that saves most; each line says how far it is. */
export default function Begin() {
  const { data: session, error } = useSessionQuery();
  const { data: shelf } = useShelfQuery();
  const { data: jobs } = useJobSumsQuery();
  if (!session) return <Coming error={error} />;
  const { firm } = session;
  const own = shelf?.filter((p) => p.own && p.kept).length ?? 0;
  return (
    <Page
      title={`Begin: ${firm.name}`}
      notes={[
        {
          n: 1,
          text: 'Until a product of a kind is on the shelf, typical figures of that kind stand in: no maker, a typical price, marked so wherever they are used.',
        },
        {
          n: 2,
          text: 'The demo is a firm of its own with invented people, products and jobs. Nothing of it comes into yours; it is thrown away from the menu at the foot.',
        },
      ]}
    >
      <ol className="border-t-2 border-ink">
        <Step n={1} words="Your papers" go={<Go to="/firm">{firm.letterhead.address ? 'Look at it' : 'Write it'}</Go>}>
          {firm.letterhead.address
            ? 'The letterhead is written. Terms, payment and suppliers are on the same page.'
            : 'Letterhead, terms, how you are paid, where you buy.'}
        </Step>
        <Step n={2} words="What an hour costs you" go={<Go to="/firm">Say it</Go>}>
          {sayMoney(firm.pricing?.hourCost, firm.currency)} is typical where {firm.currency} is spent: put yours in its
          place. Overhead and margin are on the price of any job.
        </Step>
        <Step n={3} words="Products" note={1} go={<Go to="/shelf/file">Bring a table in</Go>}>
          {own > 0
            ? `${own} of your own on the shelf.`
            : 'Bring them in from a table, add them by hand, or begin with typical figures by kind and do it later.'}
        </Step>
        <Step n={4} words="People" go={<Go to="/people">Ask somebody in</Go>}>
          Painters see the work and no prices.
        </Step>
        <Step
          n={5}
          words="The first house"
          go={<Go to="/jobs">{jobs && jobs.inHand + jobs.over > 0 ? 'To the jobs' : 'Open a job'}</Go>}
        >
          Walk round it, test, and the price follows.
        </Step>
        <LookRound />
      </ol>
    </Page>
  );
}

interface StepProps {
  n?: number;
  words: string;
  note?: number;
  go: ReactNode;
  children: ReactNode;
}

function Step({ n, words, note, go, children }: StepProps) {
  return (
    <li className={LINE}>
      <span aria-hidden className="font-serif text-[22px] max-wide:hidden">
        {n ?? ''}
      </span>
      <div>
        <h2 className="text-[17px]">
          {words}
          {note && <Mark n={note} />}
        </h2>
        <p className="text-faded">{children}</p>
      </div>
      {go}
    </li>
  );
}

const Go = ({ to, children }: { to: string; children: ReactNode }) => (
  <Link to={to} className={GO}>
    {children}
  </Link>
);

/** The demo takes some seconds to be laid out: said while it is. */
function LookRound() {
  const navigate = useNavigate();
  const [isLoading, setLoading] = useState(false);
  const [error, setError] = useState<unknown>(null);
  const go = async () => {
    setLoading(true);
    const { error: refused } = await intoDemo();
    setLoading(false);
    setError(refused);
    if (!refused) void navigate('/today');
  };
  return (
    <Step
      words="Or look round first"
      note={2}
      go={
        <button type="button" className={GO} disabled={isLoading} onClick={() => void go()}>
          {isLoading ? 'Laying the demo out …' : 'Into the demo'}
        </button>
      }
    >
      {isLoading ? 'Four houses are walked, priced and planned: about twenty seconds.' : 'Four houses in all stages.'}
      <Refused error={error} />
    </Step>
  );
}
