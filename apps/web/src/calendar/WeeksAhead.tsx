import { Link } from 'react-router';
import { nowText } from '../clock/clock.ts';
import type { OwnCalendar } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';
import { weeksAhead, type Day } from './weeks.ts';

/** My own work and what I am taken by, day by day: rows of weeks on a desk, a list of the days that hold something on a phone. */
export function WeeksAhead({ feed }: { feed: OwnCalendar }) {
  const words = useWords();
  const now = nowText();
  const weeks = weeksAhead(feed, now, words);
  const today = words.localDay(now);
  const isEmpty = feed.work.length + feed.taken.length === 0;
  return (
    <section aria-labelledby="ahead" className="mb-6">
      <h2 id="ahead" className="text-[19px]">
        My weeks ahead
      </h2>
      {isEmpty && (
        <p className="text-faded">
          No posted plan asks for my hands in the next weeks. When one does, its days stand here.
        </p>
      )}
      <ol className={`border-t border-rule ${isEmpty ? 'hidden wide:block' : ''}`}>
        {weeks.map((week) => (
          <li key={week[0]!.day} className="border-rule wide:border-b">
            <ol className="wide:grid wide:grid-cols-7">
              {week.map((day) => (
                <DayCell key={day.day} day={day} today={today} />
              ))}
            </ol>
          </li>
        ))}
      </ol>
    </section>
  );
}

function DayCell({ day: { day, jobs, taken }, today }: { day: Day; today: string }) {
  const { sayDay } = useWords();
  const isToday = day === today;
  const holds = jobs.length + taken.length > 0;
  const past = day < today;
  return (
    <li
      aria-current={isToday ? 'date' : undefined}
      className={`border-b border-rule py-1.5 wide:min-h-[72px] wide:border-b-0 wide:px-1.5 wide:not-first:border-l ${
        holds ? '' : 'hidden wide:block'
      } ${isToday ? 'bg-wash' : ''}`}
    >
      <h3 className={`font-sans text-[13px] ${isToday ? 'font-bold' : 'font-normal text-faded'}`}>{sayDay(day)}</h3>
      {!past && jobs.map((job) => <JobOfDay key={job.jobId} {...job} />)}
      {!past && taken.map((one) => <TakenOfDay key={one.startsAt + one.title} day={day} {...one} />)}
    </li>
  );
}

function JobOfDay({ jobId, job, startsAt, endsAt, words }: Day['jobs'][number]) {
  const { sayHour } = useWords();
  return (
    <Link to={`/drying/${jobId}`} title={words.join('\n')} className="block py-1.5 text-[13px] leading-tight">
      <span className="block tabular-nums">
        {sayHour(startsAt, startsAt)} to {sayHour(endsAt, startsAt)}
      </span>
      <span className="font-semibold underline">{job}</span>
      <span className="block text-faded">{words.length === 1 ? words[0] : `${words.length} steps`}</span>
    </Link>
  );
}

function TakenOfDay({ day, title, startsAt, endsAt }: Day['taken'][number] & { day: string }) {
  const { sayHour, localDay } = useWords();
  const within = localDay(startsAt) === day && localDay(endsAt) === day;
  return (
    <p className="border-l-2 border-madder py-1 pl-1.5 text-[13px] leading-tight">
      {within && (
        <span className="block tabular-nums">
          {sayHour(startsAt, startsAt)} to {sayHour(endsAt, startsAt)}
        </span>
      )}
      {title}
    </p>
  );
}
