import { useParams, Link } from 'react-router';
import { Act } from '../page/Act.tsx';
import { Coming, Page, Refused } from '../page/Page.tsx';
import { PaperSheet } from '../papers/PaperBlocks.tsx';
import { useRoundLettersQuery, useWriteToRoundMutation } from '../store/endpoints.ts';
import { newId } from '../store/newId.ts';

/** A letter to each client of a round, one to a page. */
export default function Letters() {
  const { roundId = '' } = useParams();
  const { data, error, refetch } = useRoundLettersQuery(roundId);
  const [write, { data: written, isLoading, error: refused }] = useWriteToRoundMutation();
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
            letter="m"
            words="Write by e-mail"
            busy={isLoading}
            disabled={data.length === 0 || written !== undefined}
            onAct={() => void write({ roundId, id: newId() })}
          />
          <Act
            letter="c"
            words="Calendar file"
            onAct={() => window.location.assign(`/api/aftercare/rounds/${roundId}/calendar`)}
          />
        </>
      }
    >
      <Refused error={refused} />
      {written && (
        <p role="status" className="no-print mb-3 border-l-4 border-verdigris pl-3">
          {written.written === 1 ? 'One letter is in the post.' : `${written.written} letters are in the post.`}
          {written.without.length > 0 &&
            ` No e-mail address is known for ${written.without.join(', ')}: print theirs.`}{' '}
          <Link className="underline" to="/post">
            To the post
          </Link>
        </p>
      )}
      {data.length === 0 && <p className="py-4">Every visit of this round was made or called off.</p>}
      {data.map((paper) => (
        <div key={paper.about} className="mb-8 break-after-page">
          <PaperSheet paper={paper} />
        </div>
      ))}
    </Page>
  );
}
