import { Link } from 'react-router';
import { minuteOf, sayFromNow } from '../words/time.ts';

interface Look {
  key: string;
  to: string;
  name: string;
  jobTitle: string;
  words: string;
  /** When, ISO 8601. */
  due: string;
}

/** What was laid to be read later, and waits for somebody's eye. */
export function LooksDue({ title, looks, now }: { title: string; looks: readonly Look[]; now: number }) {
  if (looks.length === 0) return null;
  return (
    <section className="mb-5">
      <h2 className="border-b-2 border-ink pb-0.5 text-[19px]">
        {title}
        <span className="ml-2 font-sans text-sm font-normal text-faded">{looks.length}</span>
      </h2>
      <ul>
        {looks.map((look) => (
          <li key={look.key} className="flex items-center justify-between gap-3 border-b border-rule py-2">
            <div>
              <Link to={look.to} className="font-semibold hover:underline">
                {look.name}
              </Link>
              <div className="text-sm text-faded">
                {look.jobTitle} · {look.words}
              </div>
            </div>
            <span className="text-right whitespace-nowrap">
              {minuteOf(look.due) <= now ? 'now' : sayFromNow(minuteOf(look.due), now)}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}
