import { useBackupsQuery } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

const DAY_H = 24;
const everyWords = (hours: number) =>
  hours === DAY_H ? 'once a day' : hours % DAY_H === 0 ? `every ${hours / DAY_H} days` : `every ${hours} hours`;

/** Whether everything is kept elsewhere too, since when, and what went wrong since. */
export function Backups() {
  const { sayTime } = useWords();
  const { data } = useBackupsQuery();
  if (!data) return null;
  const { made, folder, everyH, keep, days, last, fault } = data;
  return (
    <section aria-labelledby="backups" className="mt-8">
      <h2 id="backups" className="border-b-2 border-ink pb-0.5 text-[19px]">
        Backups
      </h2>
      {!made && (
        <p className="my-2 max-w-[60ch]">
          Whoever runs this server makes them: the start command does it by itself, <code>npm run backup</code> at once.
        </p>
      )}
      {made && !last && !fault && <p className="my-2">None is made yet; the first comes a minute after the start.</p>}
      {last && (
        <p className="my-2">
          The last good one is of <strong>{sayTime(last.at)}</strong>, {(last.bytes / 1e6).toFixed(1)} MB.
        </p>
      )}
      {fault && (
        <p role="alert" className="my-2 border-l-4 border-madder bg-leaf px-3 py-2">
          <span className="font-semibold">The one of {sayTime(fault.at)} could not be made.</span> {fault.words} It is
          tried again by itself.
        </p>
      )}
      {folder && (
        <p className="text-sm text-faded">
          {everyH ? `Made ${everyWords(everyH)} into ` : 'Into '}
          <span className="break-all">{folder}</span>
          {keep && days ? `; the last ${keep} stay, none for longer than ${days} days.` : '.'}
        </p>
      )}
    </section>
  );
}
