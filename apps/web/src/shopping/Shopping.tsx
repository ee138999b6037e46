import { Link, useNavigate, useParams } from 'react-router';
import { printMoney, sayVolume } from '@rustic/core';
import { Act } from '../page/Act.tsx';
import { Coming, Page, Refused, Total } from '../page/Page.tsx';
import { isTold } from '../words/figures.ts';
import { newId } from '../store/newId.ts';
import { type ShoppingPage, useShoppingQuery, useTickMutation } from '../store/endpoints.ts';
import { Tick } from '../form/Tick.tsx';
import { useMeasures } from '../words/useMeasures.ts';

type Item = ShoppingPage['items'][number];
const got = (item: Item) => item.had >= item.count;

/** What is to be bought, by where it is had: a tap ticks it, a second tap takes the tick back. */
export default function Shopping() {
  const { units } = useMeasures();
  const { jobId = '' } = useParams();
  const navigate = useNavigate();
  const { data, error, refetch } = useShoppingQuery(jobId);
  const [tick, ticked] = useTickMutation();
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  const open = data.items.filter((i) => !got(i));
  const sum = (items: readonly Item[]) => items.reduce((total, i) => total + (i.price ?? 0), 0);
  const suppliers = [...new Set(data.items.map((i) => i.supplier))];
  return (
    <Page
      title="Shopping"
      above={
        <Link className="hover:underline" to={`/jobs/${jobId}`}>
          {data.job.title}
        </Link>
      }
      acts={
        <>
          <Act letter="p" words="On paper" onAct={() => void navigate(`/jobs/${jobId}/papers/shopping`)} />
          <Act letter="c" words="Colours" onAct={() => void navigate(`/jobs/${jobId}/colours`)} />
        </>
      }
      notes={[
        {
          n: 1,
          text: 'The cheapest tins that hold what is needed, with a reserve of each colour; what is in the van is not on the list.',
        },
        {
          n: 2,
          text: 'Tape, paper and sleeves are counted over the whole job, then made whole: one roll serves several rooms.',
        },
      ]}
      footing={
        <>
          <Total words="still to get" figure={open.length} />
          <Total words="in the van" figure={data.items.length - open.length} />
          <Total end words="to spend" figure={printMoney(sum(open), data.currency)} />
        </>
      }
    >
      <Refused error={ticked.error} />
      {data.items.length === 0 && (
        <p className="py-6">Nothing to buy: no surface is priced yet, or the van has it all.</p>
      )}
      {suppliers.map((supplier) => {
        const items = data.items.filter((i) => i.supplier === supplier);
        return (
          <section key={supplier} aria-label={supplier} className="mb-4">
            <div className="flex items-end justify-between border-b-2 border-ink pb-0.5">
              <h2 className="text-[18px]">{supplier}</h2>
              <span>{printMoney(sum(items), data.currency)}</span>
            </div>
            <ul>
              {items.map((item) => (
                <Line
                  key={item.key}
                  item={item}
                  currency={data.currency}
                  onTick={(had) => void tick({ jobId, id: newId(), item: item.key, had })}
                />
              ))}
            </ul>
          </section>
        );
      })}
      {data.fromVan.length > 0 && (
        <section aria-labelledby="van">
          <h2 id="van" className="text-[18px]">
            From the van
          </h2>
          <ul>
            {data.fromVan.map((v, i) => (
              <li key={i} className="flex justify-between gap-4 border-b border-rule py-2">
                <span>
                  <strong>{v.name}</strong>{' '}
                  <span className="text-faded">
                    {v.maker}, {v.colour}, batch {v.batch || 'not noted'}
                  </span>
                </span>
                <span>{sayVolume(v.litres, units)}</span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </Page>
  );
}

function Line({ item, currency, onTick }: { item: Item; currency: string; onTick: (had: number) => void }) {
  const done = got(item);
  const more = item.had > 0 && !done ? item.count - item.had : 0;
  return (
    <li className="border-b border-rule">
      <Tick
        checked={done}
        onTick={(on) => onTick(on ? item.count : 0)}
        size="size-6"
        className={`grid min-h-[52px] grid-cols-[32px_1fr_auto] items-center gap-x-2 ${done ? 'text-faded' : ''}`}
      >
        <span className="py-1">
          <span className={done ? 'line-through' : 'font-semibold'}>
            {item.count} × {item.words}
          </span>
          <span className="block text-sm text-faded">
            {item.detail}
            {more > 0 && <strong className="text-ochre-ink"> · {more} more than were had</strong>}
            {done && item.by && ` · ${item.by}`}
          </span>
        </span>
        <span>{isTold(item.price) && printMoney(item.price, currency)}</span>
      </Tick>
    </li>
  );
}
