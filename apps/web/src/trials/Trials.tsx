import { Link } from 'react-router';
import { FAMILY_LABELS, RESULT_LABELS } from '@rustic/core';
import { Coming, Page, Total } from '../page/Page.tsx';
import { Mark, NotesUnder, type Note } from '../page/notes.tsx';
import { usePatchesQuery } from '../store/api.ts';
import { capital } from '../words/figures.ts';
import { sayLength, sayTime } from '../words/time.ts';

/** Primer patches: which systems wait for one, and what those laid have shown. */
export default function Trials() {
  const { data, error, refetch } = usePatchesQuery();
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  const notes: Note[] = [];
  const noteOf = (why: string[]) => {
    const text = why.join(' ');
    const known = notes.find((x) => x.text === text);
    if (known) return known.n;
    notes.push({ n: notes.length + 1, text });
    return notes.length;
  };
  const asked = data.flatMap((s) => s.asked.map((a) => ({ s, a, n: noteOf(a.why) })));
  const read = data.flatMap((s) => s.read.map((r) => ({ s, r })));
  const link = 'font-semibold hover:underline';
  return (
    <Page
      title="Trials"
      above="patches before whole surfaces"
      notes={notes}
      footing={
        <>
          <Total words="patches asked for" figure={asked.length} />
          <Total words="read" figure={read.length} />
        </>
      }
    >
      {asked.length + read.length === 0 && (
        <p className="max-w-[60ch] py-6">
          No system waits for a patch. Where grip or bleed cannot be told beforehand, a patch is asked for here.
        </p>
      )}
      {asked.length > 0 && (
        <section className="mb-5">
          <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">Lay a patch first</h2>
          <ul>
            {asked.map(({ s, a, n }) => (
              <li key={s.surfaceId + (a.family ?? '')} className="border-b border-rule py-2">
                <div className="flex justify-between gap-4">
                  <div>
                    <Link className={link} to={`/jobs/${s.jobId}/surfaces/${s.surfaceId}`}>
                      {s.name}
                    </Link>
                    <Mark n={n} />
                    <div className="text-sm text-faded">{s.jobTitle}</div>
                  </div>
                  <div className="text-right">
                    {a.family ? capital(FAMILY_LABELS[a.family]) : 'A dab on the bead'}
                    <div className="text-sm text-faded">{a.waitMin ? `read after ${sayLength(a.waitMin)}` : ''}</div>
                  </div>
                </div>
                <NotesUnder ns={[n]} />
              </li>
            ))}
          </ul>
        </section>
      )}
      {read.length > 0 && (
        <section>
          <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">Read</h2>
          <ul>
            {read.map(({ s, r }) => (
              <li key={r.id} className="flex justify-between gap-4 border-b border-rule py-2">
                <div>
                  <Link className={link} to={`/jobs/${s.jobId}/surfaces/${s.surfaceId}`}>
                    {s.name}
                  </Link>
                  <div className="text-sm text-faded">
                    {s.jobTitle}
                    {r.test.place && `, ${r.test.place}`}
                  </div>
                </div>
                <div className="text-right">
                  {r.test.family ? `${capital(FAMILY_LABELS[r.test.family])}: ` : ''}
                  {RESULT_LABELS[r.test.result ?? '']}
                  <div className="text-sm text-faded">
                    {r.by}, {sayTime(r.at)}
                    {r.test.minutes ? `, after ${sayLength(r.test.minutes)}` : ''}
                  </div>
                </div>
              </li>
            ))}
          </ul>
        </section>
      )}
    </Page>
  );
}
