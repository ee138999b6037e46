import { ledgerText, ledgerTitle, type Entry } from '@rustic/core';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { Act } from '../page/Act.tsx';
import { LongRows } from '../page/LongRows.tsx';
import { Coming, Page, Refused, Total } from '../page/Page.tsx';
import { capital } from '../words/figures.ts';
import { AsItStood } from './AsItStood.tsx';
import { entryNames } from './entryNames.ts';
import { Filter } from './Filter.tsx';
import { EVERYTHING, filterEntries, type LedgerFilter } from './filterEntries.ts';
import { useJobQuery, useLazyCheckLedgerQuery, useLedgerQuery, useShelfQuery } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { Typed } from '../form/atOnce.tsx';

const NONE: readonly Entry[] = [];

/** Every act of a job, as it was written: appended, chained, checkable. */
export default function Ledger() {
  const words = useWords();
  const { localDay, sayTime } = words;
  const { jobId = '' } = useParams();
  const { data, error, refetch } = useLedgerQuery(jobId);
  const { data: job } = useJobQuery(jobId);
  const [looked, setLooked] = useState<LedgerFilter>(EVERYTHING);
  const [stood, setStood] = useState('');
  const [check, checked] = useLazyCheckLedgerQuery();
  const shown = useMemo(() => filterEntries(data ?? NONE, looked, localDay), [data, looked, localDay]);
  if (!data || !job) return <Coming error={error} again={() => void refetch()} />;
  const rooms = new Map(job.rooms.map((r) => [r.id, r.name]));
  const names = new Map([...rooms, ...job.surfaces.map((s) => [s.id, `${rooms.get(s.roomId)}, ${s.name}`] as const)]);
  const surface = job.surfaces.find((s) => s.id === looked.subject);
  return (
    <Page
      title="Ledger"
      above={
        <Link className="hover:underline" to={`/jobs/${jobId}`}>
          {job.job.title}
        </Link>
      }
      acts={
        <>
          <Act letter="v" words="Verify" busy={checked.isFetching} onAct={() => void check(jobId)} />
          <RecordFiles jobId={jobId} />
          <a
            className="inline-flex min-h-[44px] items-center rounded border border-ink bg-leaf px-4 font-semibold wide:min-h-[36px]"
            href={`/api/jobs/${jobId}/file.zip`}
            download
          >
            Whole job with photos (zip)
          </a>
          <a
            className="inline-flex items-center text-[14.5px] underline max-wide:hidden"
            href={`/api/jobs/${jobId}/file`}
            download
          >
            without (JSON)
          </a>
        </>
      }
      notes={[
        {
          n: 1,
          text: 'Entries are appended and never changed. Each carries the hash of the one before it, so a changed word anywhere breaks every entry after it.',
          source: 'SHA-256 over canonical JSON, RFC 8785',
        },
        { n: 2, text: 'The file verifies without this application: npm run --silent ledger -- job verify FILE.' },
      ]}
      footing={
        <>
          <Total
            words="entries"
            figure={shown.length === data.length ? data.length : `${shown.length} of ${data.length}`}
          />
          <Total words="last" figure={data.length ? sayTime(data.at(-1)!.recordedAt) : 'none'} />
          <Total end words="ends in" figure={data.at(-1)?.hash.slice(0, 12) ?? ''} />
        </>
      }
    >
      <Refused error={checked.error} />
      {checked.data && (
        <p
          role="status"
          className={`mb-3 border-l-4 bg-leaf px-3 py-2 font-semibold ${checked.data.whole ? 'border-ink' : 'border-madder'}`}
        >
          {checked.data.whole
            ? `All ${checked.data.entries} entries stand as they were written.`
            : checked.data.brokenAt === null
              ? `The record does not stand: ${checked.data.why}.`
              : `Entry ${checked.data.brokenAt} does not stand: ${checked.data.why}.`}
        </p>
      )}
      <Filter entries={data} names={names} looked={looked} onLook={setLooked}>
        {surface && <Typed words="As it stood on" type="date" value={stood} onType={setStood} width="" />}
      </Filter>
      {surface && stood && <AsItStood surfaceId={surface.id} day={stood} />}
      {shown.length === 0 && <p className="py-3">No entry is like that. Look for less, or for everything.</p>}
      <Entries entries={shown} all={data} names={names} />
    </Page>
  );
}

interface EntriesProps {
  entries: readonly Entry[];
  all: readonly Entry[];
  names: ReadonlyMap<string, string>;
}

/** A line an entry, the newest first. */
function Entries({ entries, all, names }: EntriesProps) {
  const words = useWords();
  const { inOurWords, sayTime } = words;
  const { data: shelf } = useShelfQuery();
  const namesIn = useMemo(
    () => entryNames(all, new Map(shelf?.map((p) => [p.id, p.name])), words),
    [all, shelf, words],
  );
  const newestFirst = useMemo(() => [...entries].reverse(), [entries]);
  return (
    <table className="w-full border-collapse text-[14.5px]" aria-rowcount={entries.length + 1}>
      <thead>
        <tr className="border-b border-strong text-left text-[13px] text-faded">
          <th className="w-10 py-1 font-normal">no.</th>
          <th className="font-normal">when</th>
          <th className="font-normal">what</th>
          <th className="font-normal max-wide:hidden">who</th>
        </tr>
      </thead>
      <LongRows
        items={newestFirst}
        keyOf={(e) => e.seq}
        columns={4}
        height={51}
        row={(e, of) => (
          <tr key={e.seq} {...of} className="border-b border-rule align-top">
            <td className="py-1 text-faded">{e.seq}</td>
            <td className="py-1 pr-3 whitespace-nowrap">{sayTime(e.at)}</td>
            <td className="py-1">
              <span className="font-semibold">{capital(ledgerTitle(e.kind))}</span>
              {e.subject && names.has(e.subject) ? `, ${names.get(e.subject)}` : ''}
              <div className="text-faded">{inOurWords(ledgerText(e, namesIn(e)))}</div>
            </td>
            <td className="py-1 max-wide:hidden">{e.by}</td>
          </tr>
        )}
      />
    </table>
  );
}

const FILES = [
  ['tests', 'Tests'],
  ['coats', 'Coats'],
  ['readings', 'Readings'],
] as const;

/** Parts of the record as tables for other programs. */
function RecordFiles({ jobId }: { jobId: string }) {
  return (
    <span className="flex items-center gap-3 text-[14.5px] max-wide:hidden">
      {FILES.map(([kind, words]) => (
        <a key={kind} className="underline" href={`/api/jobs/${jobId}/records/${kind}`} download>
          {words} (CSV)
        </a>
      ))}
    </span>
  );
}
