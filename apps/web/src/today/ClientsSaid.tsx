import { Link } from 'react-router';
import type { TodayPage } from '../store/endpoints.ts';
import { useWords } from '../words/Words.tsx';

/** What clients asked or said no to, and nobody has answered yet. */
export function ClientsSaid({ said = [] }: { said: TodayPage['clients'] | undefined }) {
  const { sayTime } = useWords();
  if (said.length === 0) return null;
  return (
    <section className="mb-5" aria-labelledby="clients-said">
      <h2 id="clients-said" className="border-b-2 border-ink pb-0.5 text-[19px]">
        Clients to answer
        <span className="ml-2 font-sans text-sm font-normal text-faded">{said.length}</span>
      </h2>
      <ul>
        {said.map((one) => (
          <li key={one.id} className="border-b border-rule py-2">
            <Link to={`/jobs/${one.jobId}/price`} className="font-semibold hover:underline">
              {one.jobTitle}
            </Link>
            <span className="text-faded">
              {' '}
              {one.name} {one.kind === 'no' ? 'says no' : 'asks'}
              {one.about && ` about ${one.about}`}, {sayTime(one.at)}
            </span>
            <span className="block">{one.words}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
