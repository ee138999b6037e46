import { useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { asOrdered, sameColour, type NamedColour } from '@rustic/core';
import { Act } from '../page/Act.tsx';
import { Coming, Page, Refused, Total } from '../page/Page.tsx';
import { useMay } from '../store/useMay.ts';
import { newId } from '../store/newId.ts';
import { type ColourLine, useJobColoursQuery, useNameColoursMutation } from '../store/endpoints.ts';
import { keepColours } from './colourFiles.ts';
import { ColourPlaces } from './ColourPlaces.tsx';
import { ColourSwatch } from './ColourSwatch.tsx';
import { NameColour } from './NameColour.tsx';

/** The colour schedule of a job: what each colour is called, how light it is, and where it goes. */
export default function ColoursPage() {
  const { jobId = '' } = useParams();
  const may = useMay();
  const navigate = useNavigate();
  const { data, error, refetch } = useJobColoursQuery(jobId);
  const [put, naming] = useNameColoursMutation();
  /** The colour that is being named; empty: one that nothing is wanted in yet. */
  const [open, setOpen] = useState<string | null>(null);
  if (!data) return <Coming error={error} again={() => void refetch()} />;
  const { job, lines } = data;
  const named = lines.flatMap((line) => line.named ?? []);
  const unnamed = lines.length - named.length;
  const keep = (colours: NamedColour[], changed: { from: string; to: string }[] = []) =>
    put({ jobId, id: newId(), version: job.version, colours, changed });
  const keepOne = (was: ColourLine | null, now: NamedColour) => {
    const others = named.filter((one) => !was || !sameColour(one.colour, was.colour));
    const changed = was && !sameColour(was.colour, now.colour) ? [{ from: was.colour, to: now.colour }] : [];
    const at = was?.named ? named.indexOf(was.named) : others.length;
    return keep([...others.slice(0, at), now, ...others.slice(at)], changed);
  };
  const form = (line: ColourLine | null) => (
    <NameColour
      jobId={jobId}
      line={line}
      busy={naming.isLoading}
      error={naming.error}
      onSend={(now) => keepOne(line, now)}
      onDone={() => setOpen(null)}
    />
  );
  return (
    <Page
      title="Colours"
      above={
        <Link className="hover:underline" to={`/jobs/${jobId}`}>
          {job.title}
        </Link>
      }
      acts={
        <>
          {may.make && <Act letter="a" words="Add" main onAct={() => setOpen('')} />}
          <Act letter="l" words="Tin labels" onAct={() => void navigate(`/jobs/${jobId}/papers/labels`)} />
          <Act letter="b" words="Shopping" onAct={() => void navigate(`/jobs/${jobId}/shopping`)} />
          {named.length > 0 && (
            <Act letter="t" words="As a table" onAct={() => keepColours(`${job.title}, colours`, named, 'csv')} />
          )}
        </>
      }
      notes={[
        {
          n: 1,
          text: 'Shopping list, tin labels, papers and the client’s page say these names. Nobody can order a figure off a screen.',
        },
        {
          n: 2,
          text: 'Lightness is CIE L*, 0 black to 100 white; reflectance is the light that comes back. Read off the swatch: the tin decides.',
        },
        {
          n: 3,
          text: 'A grey as deep as the finish under it lets it cover in fewer coats. Reckoned from both colours and how well primer and finish hide, with the tint and with the same primer left white.',
        },
      ]}
      footing={
        <>
          <Total words="colours" figure={lines.length} />
          <Total words="not named yet" figure={unnamed} />
          <Total end words="surfaces" figure={lines.reduce((sum, line) => sum + line.places.length, 0)} />
        </>
      }
    >
      <Refused error={open === null ? naming.error : undefined} />
      {open === '' && form(null)}
      {lines.length === 0 && open === null && (
        <p className="py-6">
          No surface has a colour yet. Choose one with the surface, or add what the client asked for.
        </p>
      )}
      <ul>
        {lines.map((line) => (
          <li key={line.colour} className="border-b border-rule py-3">
            {open === line.colour ? (
              form(line)
            ) : (
              <div className="grid grid-cols-[64px_1fr] gap-x-4 wide:grid-cols-[96px_1fr_auto]">
                <ColourSwatch colour={line.colour} size="h-[52px] w-full" />
                <div>
                  <h2 className="text-[19px] leading-tight">{line.named?.name ?? 'Not named yet'}</h2>
                  <p className="text-sm text-faded">{aboutOf(line)}</p>
                  {line.named?.note && <p className="text-sm">{line.named.note}</p>}
                  {may.make && line.onCard && (
                    <button
                      type="button"
                      disabled={naming.isLoading}
                      className="no-print min-h-[44px] text-left text-sm underline wide:min-h-[28px]"
                      onClick={() => void keepOne(line, { ...line.onCard!, colour: line.colour, note: '' })}
                    >
                      It is {asOrdered(line.onCard)}
                    </button>
                  )}
                </div>
                <p className="col-span-2 flex flex-wrap items-center gap-x-4 text-sm wide:col-span-1 wide:self-start">
                  <span>L* {line.lightness.toFixed(0)}</span>
                  <span>reflects {line.reflectancePct.toFixed(0)} %</span>
                  {may.make && (
                    <button
                      type="button"
                      className="no-print min-h-[44px] underline wide:min-h-[28px]"
                      onClick={() => setOpen(line.colour)}
                    >
                      {line.named ? 'Change' : 'Name it'}
                    </button>
                  )}
                  {may.make && line.named && (
                    <button
                      type="button"
                      disabled={naming.isLoading}
                      aria-label={`Take away the name ${line.named.name}`}
                      className="no-print min-h-[44px] underline wide:min-h-[28px]"
                      onClick={() => void keep(named.filter((one) => one !== line.named))}
                    >
                      Take the name away
                    </button>
                  )}
                </p>
                <ColourPlaces line={line} jobId={jobId} currency={data.currency} />
              </div>
            )}
          </li>
        ))}
      </ul>
    </Page>
  );
}

const aboutOf = ({ named, looks }: ColourLine) => {
  if (!named) return `${looks}: ask what it is called before it is ordered`;
  const ordered = asOrdered({ ...named, name: '' });
  return ordered ? `${ordered} · ${looks}` : looks;
};
