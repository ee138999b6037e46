import { Link, useParams } from 'react-router';
import { Coming } from '../page/Page.tsx';
import { RulesPage } from './RulesPage.tsx';
import { useJobQuery, useSessionQuery } from '../store/endpoints.ts';

/** The schools on one job. */
export default function JobRules() {
  const { jobId = '' } = useParams();
  const { data, error, refetch } = useJobQuery(jobId);
  const { data: session } = useSessionQuery();
  if (!data || !session) return <Coming error={error} again={() => void refetch()} />;
  return (
    <RulesPage
      level="job"
      subject={jobId}
      version={data.job.version}
      currency={session.firm.currency}
      title="House rules on this job"
      above={
        <Link className="hover:underline" to={`/jobs/${jobId}`}>
          {data.job.title}
        </Link>
      }
      own={data.job.houseRules}
      under={session.firm.houseRules}
    />
  );
}
