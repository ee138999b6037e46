import { capital } from '../words/figures.ts';
import type { Year } from './year.ts';
import { useWords } from '../words/Words.tsx';

interface Entry {
  key: string;
  at: number;
  words: string;
  job: string;
  name: string;
  when: string;
  past: boolean;
}

const iso = (at: number) => new Date(at).toISOString();

/** The year as a list by months, where there is no room for a line of it. */
export function YearList({ year }: { year: Year }) {
  const { sayDate, sayDay } = useWords();
  const entries = year.lines.flatMap(({ job, spans, visits, repaints }): Entry[] => [
    ...spans.map((s) => ({
      key: s.key,
      at: s.past ? year.from : s.from,
      words: s.words,
      job: job.title,
      name: s.name,
      when: s.past ? 'overdue' : `until ${sayDate(iso(s.to))}`,
      past: s.past,
    })),
    ...visits.map((v) => ({
      key: v.id,
      at: v.at,
      words: v.words,
      job: job.title,
      name: '',
      when: `fixed, ${sayDay(iso(v.at))} ${v.fromTime}`,
      past: false,
    })),
    ...repaints.map((r) => ({
      key: r.key,
      at: r.at,
      words: 'due for painting again',
      job: job.title,
      name: r.name,
      when: 'about then',
      past: false,
    })),
  ]);
  return (
    <>
      {year.months.map((month, i) => {
        const until = year.months[i + 1]?.at ?? year.to;
        const here = entries.filter((e) => e.at >= month.at && e.at < until).sort((a, b) => a.at - b.at);
        if (here.length === 0) return null;
        return (
          <section key={month.at} aria-label={month.words} className="mb-4">
            <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">{month.words}</h2>
            <ul>
              {here.map((e) => (
                <li key={e.key} className="border-b border-rule py-2">
                  <span className="font-semibold">{capital(e.words)}</span>
                  <div className="text-[14.5px]">
                    {e.job}
                    {e.name && `: ${e.name}`}
                  </div>
                  <div className={`text-sm ${e.past ? 'text-ochre-ink' : 'text-faded'}`}>{e.when}</div>
                </li>
              ))}
            </ul>
          </section>
        );
      })}
    </>
  );
}
