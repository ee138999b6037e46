import { Link } from 'react-router';

interface Props {
  job: { id: string; title: string };
  /** Left out where the page is not about a place in it. */
  room?: { name: string };
  surface: { id: string; name: string };
}

/** Where a page about a surface stands: its job, its room, and the surface itself. */
export function SurfacePath({ job, room, surface }: Props) {
  return (
    <>
      <Link className="hover:underline" to={`/jobs/${job.id}`}>
        {job.title}
      </Link>{' '}
      › {room && `${room.name} › `}
      <Link className="hover:underline" to={`/jobs/${job.id}/surfaces/${surface.id}`}>
        {surface.name}
      </Link>
    </>
  );
}
