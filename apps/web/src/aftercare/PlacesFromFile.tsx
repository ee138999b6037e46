import { readPlaces, sayCoordinates, type NamedPlace } from '@rustic/core';
import { useState } from 'react';
import { Button } from '../form/Button.tsx';
import { FilePick } from '../form/FilePick.tsx';
import { Refused } from '../page/Page.tsx';
import { type CareJob, useChangeFirmMutation, useChangeJobMutation, useSessionQuery } from '../store/endpoints.ts';
import { newId } from '../store/newId.ts';
import { counted } from '../words/counted.ts';
import { matchPlaces, type Matched } from './matchPlaces.ts';

/** Places of the yard and of houses from a file: shown with what each was taken for, before anything is written. */
export function PlacesFromFile({ jobs }: { jobs: readonly CareJob[] }) {
  const { firm, person } = useSessionQuery().data!;
  const [read, setRead] = useState<(Matched & { faults: string[] }) | null>(null);
  const [changeJob, ofJob] = useChangeJobMutation();
  const [changeFirm, ofFirm] = useChangeFirmMutation();
  const [written, setWritten] = useState<number | null>(null);
  const pick = async (file: File) => {
    setWritten(null);
    const { places, faults } = readPlaces(await file.text());
    setRead({ ...matchPlaces(places, jobs, firm.name), faults });
  };
  const write = async () => {
    let count = 0;
    if (read!.yard && person.role === 'owner') {
      const sent = await changeFirm({ id: newId(), version: firm.version, yard: read!.yard.at });
      if ('error' in sent) return;
      count++;
    }
    for (const { job, place } of read!.houses) {
      const sent = await changeJob({ jobId: job.id, id: newId(), version: job.version, property: { at: place.at } });
      // What is written stands; the rest is still here, to be sent again.
      if ('error' in sent) return setWritten(count);
      count++;
    }
    setRead(null);
    setWritten(count);
  };
  return (
    <section aria-labelledby="places-file" className="no-print mb-5">
      <h2 id="places-file" className="border-b-2 border-ink pb-0.5 text-[19px]">
        Places from a file
      </h2>
      <p className="my-2 max-w-[66ch]">
        CSV with a name and coordinates, waypoints of a GPX file, or GeoJSON. A place is taken for the job that has its
        name or its address; one that is called “yard” for the yard.
      </p>
      <FilePick
        accept=".csv,.gpx,.geojson,.json,text/csv,application/geo+json"
        look="quiet"
        onPick={(file) => void pick(file)}
      >
        Choose a file of places
      </FilePick>
      {read && (
        <div className="mt-2">
          <ul>
            {read.yard && <Line words="The yard" place={read.yard} />}
            {read.houses.map(({ job, place }) => (
              <Line key={job.id} words={job.title} place={place} />
            ))}
          </ul>
          {read.others.length > 0 && (
            <p className="text-faded">
              No job has the name or the address of {read.others.map((p) => p.name).join(', ')}: nothing is written of{' '}
              {read.others.length === 1 ? 'it' : 'them'}.
            </p>
          )}
          {read.faults.map((fault) => (
            <p key={fault} className="border-l-4 border-ochre pl-3">
              {fault}
            </p>
          ))}
          <Button
            look="main"
            busy={ofJob.isLoading || ofFirm.isLoading}
            disabled={read.houses.length === 0 && !read.yard}
            onClick={() => void write()}
          >
            {`Keep ${counted(read.houses.length + (read.yard ? 1 : 0), 'place')}`}
          </Button>
        </div>
      )}
      {written !== null && <p role="status">{counted(written, 'place')} kept.</p>}
      <Refused error={ofJob.error ?? ofFirm.error} />
    </section>
  );
}

const Line = ({ words, place }: { words: string; place: NamedPlace }) => (
  <li className="flex flex-wrap justify-between gap-x-4 border-b border-rule py-1">
    <span className="font-semibold">{words}</span>
    <span className="text-faded">
      {place.name}, {sayCoordinates(place.at)}
    </span>
  </li>
);
