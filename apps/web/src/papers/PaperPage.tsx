import type { Paper } from '@rustic/core';
import { Link, useNavigate, useParams } from 'react-router';
import { Act } from '../page/Act.tsx';
import { Coming, Page } from '../page/Page.tsx';
import { PaperSheet } from './PaperBlocks.tsx';
import { type PaperKind, PAPERS } from './papers.ts';
import { usePaperQuery, useSentPaperQuery } from '../store/endpoints.ts';

const NAMES: Record<PaperKind, string> = {
  quote: 'Quote',
  'job-pack': 'Job pack',
  'run-sheet': 'Run sheet',
  shopping: 'Shopping list',
  labels: 'Labels',
  'care-sheet': 'Looking after it',
  'visit-letter': 'Letter about visits',
};

/** A paper of a job as it stands now: to be read, printed, or taken as a PDF or its figures. */
export function JobPaper() {
  const { jobId = '', kind = '' } = useParams();
  const navigate = useNavigate();
  const known = PAPERS.find((k) => k === kind) ?? 'quote';
  const { data, error, refetch } = usePaperQuery({ jobId, kind: known });
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  return (
    <Shown
      paper={data}
      from={`/api/jobs/${jobId}/papers/${known}`}
      back={
        <Link className="hover:underline" to={`/jobs/${jobId}/price`}>
          Price
        </Link>
      }
    >
      <nav aria-label="Papers of this job" className="no-print mb-3 flex flex-wrap gap-x-4">
        {PAPERS.map((k) => (
          <button
            key={k}
            type="button"
            aria-current={k === known ? 'page' : undefined}
            className={`min-h-[44px] wide:min-h-[30px] ${k === known ? 'font-semibold' : 'underline'}`}
            onClick={() => void navigate(`/jobs/${jobId}/papers/${k}`, { replace: true })}
          >
            {NAMES[k]}
          </button>
        ))}
        {known === 'care-sheet' && (
          <a
            className="inline-flex min-h-[44px] items-center underline wide:min-h-[30px]"
            href={`/api/jobs/${jobId}/care-calendar`}
            download
          >
            Its dates as a calendar file
          </a>
        )}
      </nav>
    </Shown>
  );
}

/** A version that was sent: as it was sent. */
export function SentPaper() {
  const { documentId = '' } = useParams();
  const { data, error, refetch } = useSentPaperQuery({ documentId });
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  return (
    <Shown
      paper={data}
      from={`/api/documents/${documentId}/paper`}
      back={
        <Link className="hover:underline" to="/jobs">
          Jobs
        </Link>
      }
    />
  );
}

function Shown({
  paper,
  from,
  back,
  children,
}: {
  paper: Paper;
  from: string;
  back: React.ReactNode;
  children?: React.ReactNode;
}) {
  const get = (format: string) => window.location.assign(`${from}?format=${format}`);
  const figures = paper.blocks.some((b) => b.kind === 'table');
  return (
    <Page
      title={paper.title}
      wide
      above={<span className="no-print">{back}</span>}
      acts={
        <>
          <Act letter="p" words="Print" main onAct={() => window.print()} />
          <Act letter="f" words="PDF" onAct={() => get('pdf')} />
          {figures && <Act letter="v" words="Figures as CSV" onAct={() => get('csv')} />}
        </>
      }
    >
      {children}
      <PaperSheet paper={paper} />
    </Page>
  );
}
