import { useParams } from 'react-router';
import { Coming } from '../page/Page.tsx';
import { SurfacePath } from '../page/SurfacePath.tsx';
import { RulesPage } from './RulesPage.tsx';
import { useSurfaceQuery } from '../store/endpoints.ts';

/** The schools on one surface. */
export default function SurfaceRules() {
  const { surfaceId = '' } = useParams();
  const { data, error, refetch } = useSurfaceQuery(surfaceId);
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  return (
    <RulesPage
      level="surface"
      subject={surfaceId}
      version={data.surface.version}
      currency={data.firm.currency}
      title="House rules on this surface"
      above={<SurfacePath job={data.job} surface={data.surface} />}
      own={data.rules.surface}
      under={{ ...data.rules.firm, ...data.rules.job }}
    />
  );
}
