import { makerWords } from '@rustic/core';
import { Link } from 'react-router';
import { Coming, Page, Total } from '../page/Page.tsx';
import { sayMoney, isTold } from '../words/figures.ts';
import { useComingQuery, useSessionQuery, useShelfQuery } from '../store/endpoints.ts';
import { counted } from '../words/counted.ts';
import { useWords } from '../words/Words.tsx';

/** The fewest products with which the jobs ahead can be done: what to bring, what to buy, what nothing does. */
export default function ComingJobs() {
  const { inOurWords, sayFamily } = useWords();
  const { data, error, refetch } = useComingQuery();
  const { data: shelf } = useShelfQuery();
  const { data: session } = useSessionQuery();
  if (!data || !shelf || !session) return <Coming error={error} again={() => void refetch()} />;
  const of = (id: string) => shelf.find((p) => p.id === id)!;
  const toBuy = data.products.filter((p) => !p.inVan);
  const least = toBuy.reduce((sum, { id }) => sum + Math.min(...of(id).tins.map((t) => t.price ?? 0)), 0);
  return (
    <Page
      title="For the jobs ahead"
      above={
        <Link className="hover:underline" to="/shelf">
          Shelf
        </Link>
      }
      notes={[
        {
          n: 1,
          text: 'The fewest products that meet every line still to be done: exact, not a guess. Of sets of one size, what is in the van first, then the cheapest.',
        },
        { n: 2, text: 'A product stands in for another only where nothing follows from it and no block forbids it.' },
      ]}
      footing={
        <>
          <Total words="jobs" figure={data.jobs} />
          <Total words="lines to be done" figure={data.demands} />
          <Total words="products" figure={data.products.length} />
          {isTold(least) && <Total end words="to buy, smallest tins" figure={sayMoney(least, session.firm.currency)} />}
        </>
      }
    >
      {data.demands === 0 && <p className="py-6">Nothing is still to be done on any job. Open a job first.</p>}
      {data.uncovered.length > 0 && (
        <div className="mb-3 border-l-4 border-madder pl-3" role="group" aria-label="Nothing on the shelf does">
          {data.uncovered.map((u, i) => (
            <p key={i}>
              <strong className="text-madder">Nothing on the shelf does</strong> {inOurWords(u.words)}: {u.surface}, {u.job}.
            </p>
          ))}
        </div>
      )}
      <ul>
        {data.products.map(({ id, inVan, lines, uses }) => {
          const p = of(id);
          return (
            <li key={id} className="border-b border-rule py-0.5">
              <details>
                <summary className="cursor-pointer wide:min-h-[36px] wide:py-1">
                  <span className="ml-1 font-semibold">{p.name}</span>{' '}
                  <span className="text-faded">
                    {makerWords(p)}, {sayFamily(p.family)}, for {counted(lines, 'line')}
                  </span>
                  <span className={`float-right ${inVan ? '' : 'font-semibold'}`}>{inVan ? 'in the van' : 'to buy'}</span>
                </summary>
                <ul className="pl-4 text-sm">
                  {uses.map((u, i) => (
                    <li key={i}>
                      {inOurWords(u.words)}: {u.surface}, <span className="text-faded">{u.job}</span>
                    </li>
                  ))}
                </ul>
                <Link className="ml-4 inline-block text-sm underline wide:py-1.5" to={`/shelf/products/${id}`}>
                  Its sheet and tins
                </Link>
              </details>
            </li>
          );
        })}
      </ul>
    </Page>
  );
}
