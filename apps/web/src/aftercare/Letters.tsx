import { useParams, Link } from 'react-router';
import { Act } from '../page/Act.tsx';
import { Coming, Page } from '../page/Page.tsx';
import { PaperSheet } from '../papers/PaperBlocks.tsx';
import { useRoundLettersQuery } from '../store/endpoints.ts';

/** A letter to each client of a round, one to a page. */
export default function Letters() {
  const { roundId = '' } = useParams();
  const { data, error, refetch } = useRoundLettersQuery(roundId);
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  return (
    <Page
      title="Letters of a round"
      wide
      above={
        <Link className="no-print hover:underline" to="/aftercare">
          Aftercare
        </Link>
      }
      acts={
        <>
          <Act letter="p" words="Print" main onAct={() => window.print()} />
          <Act
            letter="c"
            words="Calendar file"
            onAct={() => window.location.assign(`/api/aftercare/rounds/${roundId}/calendar`)}
          />
        </>
      }
    >
      {data.length === 0 && <p className="py-4">Every visit of this round was made or called off.</p>}
      {data.map((paper) => (
        <div key={paper.about} className="mb-8 break-after-page">
          <PaperSheet paper={paper} />
        </div>
      ))}
    </Page>
  );
}
