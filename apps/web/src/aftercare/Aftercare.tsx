import { Link } from 'react-router';
import { Mark, NotesUnder, type Note } from '../page/notes.tsx';
import { Coming, Page, Total } from '../page/Page.tsx';
import { useAftercareQuery } from '../store/api.ts';
import type { AftercarePage, AftercareSurface } from '../store/types.ts';
import { capital } from '../words/figures.ts';
import { sayDate, sayDue, sayTime } from '../words/time.ts';

const DAY_MS = 86_400_000;
type Item = AftercareSurface['items'][number];
/** One line: the same thing to do on one job, on one or several surfaces. */
interface Due {
  job: AftercareSurface;
  surfaces: AftercareSurface[];
  item: Item;
  n: number;
}

/** What follows from what was laid: visits due, cures to come, the next painting. */
export default function Aftercare() {
  const { data, error, refetch } = useAftercareQuery();
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  const { notes, due } = numbered(data);
  const visits = due.filter((d) => d.item.kind === 'visit');
  const past = visits.filter((d) => Date.parse(d.item.at) <= Date.parse(data.now));
  const cures = due.filter((d) => d.item.kind === 'use' && Date.parse(d.item.at) > Date.parse(data.now));
  return (
    <Page
      title="Aftercare"
      above="whether it held"
      notes={notes}
      footing={
        <>
          <Total words="visits due" figure={past.length} />
          <Total words="to come" figure={visits.length - past.length} />
          <Total end words="surfaces looked after" figure={data.surfaces.length} />
        </>
      }
    >
      {data.surfaces.length === 0 && (
        <p className="max-w-[60ch] py-6">
          Nothing is finished yet. When the last coat of a surface is logged, its cure dates and its visits stand here.
        </p>
      )}
      <List title="Look at now" items={past} now={data.now} />
      <List title="Visits to come" items={visits.filter((d) => !past.includes(d))} now={data.now} />
      <List title="Until it may be used" items={cures} now={data.now} exact />
      <List title="Painting again" items={due.filter((d) => d.item.kind === 'repaint')} now={data.now} />
    </Page>
  );
}

/** Gathers what one visit does, then numbers the reasons in the order they are read. */
function numbered(data: AftercarePage): { notes: Note[]; due: Due[] } {
  const lines: Due[] = [];
  for (const surface of data.surfaces)
    for (const item of surface.items) {
      if (item.kind === 'use' && Date.parse(item.at) <= Date.parse(data.now)) continue;
      const same =
        item.kind === 'use'
          ? undefined
          : lines.find(
              (l) =>
                l.job.jobId === surface.jobId &&
                l.item.code === item.code &&
                Math.abs(Date.parse(l.item.at) - Date.parse(item.at)) < 14 * DAY_MS,
            );
      if (same) {
        same.surfaces.push(surface);
        if (item.at < same.item.at) same.item = item;
      } else lines.push({ job: surface, surfaces: [surface], item, n: 0 });
    }
  const order = ['visit', 'use', 'repaint'];
  lines.sort(
    (a, b) => order.indexOf(a.item.kind) - order.indexOf(b.item.kind) || Date.parse(a.item.at) - Date.parse(b.item.at),
  );
  const notes: Note[] = [];
  for (const line of lines) {
    const known = notes.find((x) => x.text === line.item.why);
    if (!known) notes.push({ n: notes.length + 1, text: line.item.why });
    line.n = known?.n ?? notes.length;
  }
  return { notes, due: lines };
}

function List({
  title,
  items,
  now,
  exact = false,
}: {
  title: string;
  items: readonly Due[];
  now: string;
  exact?: boolean;
}) {
  if (items.length === 0) return null;
  return (
    <section className="mb-5">
      <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">{title}</h2>
      <ul>
        {items.map(({ job, surfaces, item, n }) => (
          <li key={surfaces[0]!.surfaceId + item.code} className="border-b border-rule py-2">
            <div className="grid grid-cols-[1fr_auto] gap-x-4">
              <div>
                <span className="font-semibold">{capital(item.words)}</span>
                <Mark n={n} />
                <div className="text-sm text-faded">
                  {job.jobTitle}:{' '}
                  {surfaces.map((s, i) => (
                    <span key={s.surfaceId}>
                      {i > 0 && ', '}
                      <Link className="hover:underline" to={`/jobs/${s.jobId}/surfaces/${s.surfaceId}`}>
                        {s.name}
                      </Link>
                    </span>
                  ))}
                  {' · '}
                  <Link
                    className="underline"
                    aria-label={`Punch list of ${job.jobTitle}`}
                    to={`/jobs/${job.jobId}/punch`}
                  >
                    punch list
                  </Link>
                </div>
              </div>
              <div className="text-right">
                <strong className="font-serif">{exact ? sayTime(item.at, now) : sayDate(item.at)}</strong>
                <div className={`text-sm ${Date.parse(item.at) <= Date.parse(now) ? 'text-ochre-ink' : 'text-faded'}`}>
                  {sayDue(item.at, now)}
                </div>
              </div>
            </div>
            <NotesUnder ns={[n]} />
          </li>
        ))}
      </ul>
    </section>
  );
}
