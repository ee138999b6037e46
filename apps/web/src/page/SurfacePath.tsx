import { Link } from 'react-router';

interface Props {
  job: { id: string; title: string };
  surface: { id: string; name: string };
}

/** Where a page about a surface stands: its job, and the surface itself. */
export function SurfacePath({ job, surface }: Props) {
  return (
    <>
      <Link className="hover:underline" to={`/jobs/${job.id}`}>
        {job.title}
      </Link>{' '}
      ›{' '}
      <Link className="hover:underline" to={`/jobs/${job.id}/surfaces/${surface.id}`}>
        {surface.name}
      </Link>
    </>
  );
}
