import { useMemo, useRef, useState } from 'react';
import {
  asOrdered,
  describeColour,
  PHOTO_REFERENCES,
  type ColourFromPhoto,
  type ColourSetting,
  type PhotoReference,
} from '@rustic/core';
import { Chip } from '../page/Act.tsx';
import { Handle } from '../drawing/Handle.tsx';
import { FilePick } from '../form/FilePick.tsx';
import { ShownPicture } from '../photos/ShownPicture.tsx';
import { useReadPicture } from '../photos/useReadPicture.ts';
import { useChipsNearQuery } from '../store/endpoints.ts';
import type { AskedOfColour, ColourTold } from './askedOfColour.ts';
import { ChipChoice } from './ChipChoice.tsx';
import { ColourSwatch } from './ColourSwatch.tsx';

interface Taken {
  colour: string;
  name?: string;
  code?: string;
  maker?: string;
  note: string;
}

/** A colour is read from a photo with something in it whose colour is known: an aid, with how far it may be off. */
export function FromPhoto({ onTake }: { onTake: (taken: Taken) => void }) {
  const [file, setFile] = useState<File | null>(null);
  return (
    <div className="text-sm wide:col-span-4">
      <FilePick accept="image/*" camera look="quiet" onPick={setFile}>
        {file ? 'Another photo' : 'Read it from a photo'}
      </FilePick>
      {file && <ReadIn key={`${file.name}/${file.lastModified}`} file={file} onTake={onTake} />}
    </div>
  );
}

const start = () => new Worker(new URL('./readColour.worker.ts', import.meta.url), { type: 'module' });
const UNSET: ColourSetting = { reference: { x: 0.3, y: 0.5 }, colour: { x: 0.7, y: 0.5 }, around: 0.025 };
const REFERENCES = Object.keys(PHOTO_REFERENCES) as PhotoReference[];

function ReadIn({ file, onTake }: { file: File; onTake: (taken: Taken) => void }) {
  const picture = useRef<HTMLDivElement>(null);
  const [setting, setSetting] = useState(UNSET);
  const [reference, setReference] = useState<PhotoReference>('grey-card');
  const [known, setKnown] = useState<{ colour: string; name: string } | null>(null);
  const question = useMemo(
    (): AskedOfColour => ({ setting, reference, known: known?.colour ?? null }),
    [setting, reference, known],
  );
  const told = useReadPicture<AskedOfColour, ColourTold>(start, file, question);
  return (
    <section aria-label="A colour from a photo" className="mt-2">
      <p className="mb-2 max-w-[64ch]">
        Lay a grey card or something of a known colour on the face and photograph both in the same light. Draw the ochre
        ring onto it, the white one onto the colour.
      </p>
      <div className="mb-2 flex flex-wrap items-center gap-1.5" role="group" aria-label="What it is held against">
        {REFERENCES.map((one) => (
          <Chip key={one} pressed={one === reference} onPress={() => setReference(one)}>
            {PHOTO_REFERENCES[one].words}
          </Chip>
        ))}
        {reference === 'paint' && (
          <ChipChoice
            words="Which paint that is"
            chosen={known?.name ?? ''}
            onChoose={({ colour, name }) => setKnown({ colour, name })}
          />
        )}
      </div>
      <div className="flex flex-wrap gap-x-6 gap-y-3">
        <div ref={picture} className="relative w-full max-w-[520px] overflow-hidden border border-strong select-none">
          <ShownPicture file={file} words="The colour and its reference, as photographed" />
          <Handle
            words="Onto the reference"
            at={setting.reference}
            picture={picture}
            look="ring"
            onMove={(at) => setSetting({ ...setting, reference: at })}
          />
          <Handle
            words="Onto the colour"
            at={setting.colour}
            picture={picture}
            look="corner"
            onMove={(at) => setSetting({ ...setting, colour: at })}
          />
        </div>
        <div className="min-w-[240px] flex-1">
          {told === null && <p role="status">Reading the photo …</p>}
          {told && 'unread' in told && <p className="border-l-4 border-madder pl-3">{told.unread}</p>}
          {told && 'colour' in told && <Told read={told} onTake={onTake} />}
        </div>
      </div>
    </section>
  );
}

const FEW = 4;

/** What was read, how far it may be off, and the chips that lie within that. */
function Told({ read, onTake }: { read: ColourFromPhoto; onTake: (taken: Taken) => void }) {
  const { colour, doubt, minds } = read;
  const { data } = useChipsNearQuery(colour);
  const within = data?.chips.filter((chip) => chip.difference <= doubt) ?? [];
  const note = `Read from a photo: may be off by ${doubt.toFixed(0)}`;
  return (
    <>
      <div className="flex items-center gap-3">
        <ColourSwatch colour={colour} size="h-[52px] w-[88px]" />
        <p>
          <strong className="font-semibold">{describeColour(colour)}</strong>
          <br />
          may be off by {doubt.toFixed(1)}, nine times in ten
        </p>
      </div>
      <p className="mt-1 max-w-[46ch] text-faded">
        Side by side an eye sees a difference of 1. It is an aid to find a chip, and no match: hold the chip to the
        wall.
      </p>
      {minds.map((one) => (
        <p key={one} className="mt-1 border-l-4 border-ochre pl-3">
          {one}
        </p>
      ))}
      {data && data.chips.length > 0 && (
        <>
          <p className="mt-2">
            {within.length === 0
              ? 'No chip of your cards lies within that. The nearest:'
              : `${within.length === data.chips.length ? 'At least ' : ''}${within.length} ${within.length === 1 ? 'chip lies' : 'chips lie'} within that. The nearest:`}
          </p>
          <ul>
            {data.chips.slice(0, FEW).map(({ difference, ...chip }) => (
              <li key={`${chip.card}/${chip.code}/${chip.name}`}>
                <button
                  type="button"
                  className="flex min-h-[44px] w-full items-center gap-3 text-left hover:underline wide:min-h-[34px]"
                  onClick={() =>
                    onTake({ colour: chip.colour, name: chip.name, code: chip.code, maker: chip.maker, note })
                  }
                >
                  <ColourSwatch colour={chip.colour} />
                  <span>
                    {asOrdered(chip)}, <span className="text-faded">{difference.toFixed(1)} away</span>
                  </span>
                </button>
              </li>
            ))}
          </ul>
        </>
      )}
      <button
        type="button"
        className="mt-1 min-h-[44px] underline wide:min-h-[30px]"
        onClick={() => onTake({ colour, note })}
      >
        Take the swatch as it was read
      </button>
    </>
  );
}
