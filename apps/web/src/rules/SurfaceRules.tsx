import { Link, useParams } from 'react-router';
import { Coming } from '../page/Page.tsx';
import { useSurfaceQuery } from '../store/systemsApi.ts';
import { RulesPage } from './RulesPage.tsx';

/** The schools on one surface. */
export default function SurfaceRules() {
  const { jobId = '', surfaceId = '' } = useParams();
  const { data, error, refetch } = useSurfaceQuery(surfaceId);
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  return (
    <RulesPage
      level="surface"
      subject={surfaceId}
      version={data.surface.version}
      currency={data.firm.currency}
      title="House rules on this surface"
      above={
        <>
          <Link className="hover:underline" to={`/jobs/${jobId}`}>
            {data.job.title}
          </Link>{' '}
          ›{' '}
          <Link className="hover:underline" to={`/jobs/${jobId}/surfaces/${surfaceId}`}>
            {data.surface.name}
          </Link>
        </>
      }
      own={data.rules.surface}
      under={{ ...data.rules.firm, ...data.rules.job }}
    />
  );
}
