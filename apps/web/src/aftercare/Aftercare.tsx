import { Link } from 'react-router';
import { Mark, NotesUnder, type Note } from '../page/notes.tsx';
import { Coming, Page, Total } from '../page/Page.tsx';
import { useAftercareQuery } from '../store/api.ts';
import type { AftercarePage, AftercareSurface } from '../store/types.ts';
import { capital } from '../words/figures.ts';
import { sayDate, sayDue, sayTime } from '../words/time.ts';

type Item = AftercareSurface['items'][number];
interface Due { surface: AftercareSurface; item: Item; n: number }

/** What follows from what was laid: visits due, cures to come, the next painting. */
export default function Aftercare() {
  const { data, error, refetch } = useAftercareQuery();
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  const { notes, due } = numbered(data);
  const visits = due.filter((d) => d.item.kind === 'visit');
  const past = visits.filter((d) => d.item.at <= data.now);
  const cures = due.filter((d) => d.item.kind === 'use' && Date.parse(d.item.at) > Date.parse(data.now));
  return (
    <Page title="Aftercare" above="whether it held" notes={notes} footing={<>
      <Total words="visits due" figure={past.length} /><Total words="to come" figure={visits.length - past.length} /><Total end words="surfaces looked after" figure={data.surfaces.length} />
    </>}>
      {data.surfaces.length === 0 && <p className="max-w-[60ch] py-6">Nothing is finished yet. When the last coat of a surface is logged, its cure dates and its visits stand here.</p>}
      <List title="Look at now" items={past} now={data.now} />
      <List title="Visits to come" items={visits.filter((d) => !past.includes(d))} now={data.now} />
      <List title="Until it may be used" items={cures} now={data.now} exact />
      <List title="Painting again" items={due.filter((d) => d.item.kind === 'repaint')} now={data.now} />
    </Page>
  );
}

function numbered(data: AftercarePage): { notes: Note[]; due: Due[] } {
  const notes: Note[] = [];
  const due = data.surfaces.flatMap((surface) => surface.items.map((item): Due => {
    const known = notes.find((x) => x.text === item.why);
    if (known || (item.kind === 'use' && Date.parse(item.at) <= Date.parse(data.now))) return { surface, item, n: known?.n ?? 0 };
    notes.push({ n: notes.length + 1, text: item.why });
    return { surface, item, n: notes.length };
  }));
  return { notes, due: due.sort((a, b) => Date.parse(a.item.at) - Date.parse(b.item.at)) };
}

function List({ title, items, now, exact = false }: { title: string; items: readonly Due[]; now: string; exact?: boolean }) {
  if (items.length === 0) return null;
  return (
    <section className="mb-5">
      <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">{title}</h2>
      <ul>{items.map(({ surface, item, n }) => (
        <li key={surface.surfaceId + item.code} className="border-b border-rule py-2">
          <div className="grid grid-cols-[1fr_auto] gap-x-4">
            <div><span className="font-semibold">{capital(item.words)}</span>{n > 0 && <Mark n={n} />}<div className="text-sm text-faded"><Link className="hover:underline" to={`/jobs/${surface.jobId}/surfaces/${surface.surfaceId}`}>{surface.name}</Link> · {surface.jobTitle}, {surface.room}</div></div>
            <div className="text-right"><strong className="font-serif">{exact ? sayTime(item.at, now) : sayDate(item.at)}</strong><div className={`text-sm ${item.at <= now ? 'text-ochre-ink' : 'text-faded'}`}>{sayDue(item.at, now)}</div></div>
          </div>
          {n > 0 && <NotesUnder ns={[n]} />}
        </li>
      ))}</ul>
    </section>
  );
}
