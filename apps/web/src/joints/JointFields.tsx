import { useState } from 'react';
import {
  BEAD_READING_CODES,
  BEAD_READING_LABELS,
  BEAD_READINGS,
  BEAD_READS_LABELS,
  BEAD_STATE_LABELS,
  BEAD_STATES,
  JOINT_FILL_LABELS,
  JOINT_FILLS,
  JOINT_SIDE_LABELS,
  JOINT_SIDES,
  type BeadReading,
  type BeadReads,
} from '@rustic/core';
import { SaidMetres } from '../colourParts/SaidMetres.tsx';
import { Button } from '../form/Button.tsx';
import { Choice, Typed } from '../form/atOnce.tsx';
import { Chip } from '../page/Act.tsx';
import { Refused } from '../page/Page.tsx';
import type { JointOfRoom, JointsPage } from '../store/endpoints.ts';
import { useSight } from '../store/store.ts';
import { capital } from '../words/figures.ts';
import { readWidth, sayWidth } from './jointWords.ts';
import { useJoint, type JointFields as Said } from './useJoint.ts';
import { WaysWith } from './WaysWith.tsx';

const options = <T extends string>(codes: readonly T[], labels: Record<T, string>) =>
  codes.map((code) => [code, capital(labels[code])] as const);

interface Props {
  joint: JointOfRoom;
  surfaces: JointsPage['surfaces'];
  currency: string;
  /** Taken off the sketch, at this version. */
  onTakenOff: (version: number) => void;
}

/** What is said of one joint: its sides, what is in it, how it is used; and the ways with what is in it. */
export function JointFields({ joint, surfaces, currency, onTakenOff }: Props) {
  const { said, change, isLoading, error } = useJoint(joint);
  const takeOff = async () => {
    const version = await change({ withdrawn: true });
    if (version !== null) onTakenOff(version);
  };
  const say = (fields: Partial<Said>) => void change(fields);
  return (
    <section aria-label={`${joint.name}, what is said of it`} aria-busy={isLoading} className="bg-leaf pt-2 pb-3">
      <Refused error={error} />
      <div className="flex flex-wrap items-end gap-3">
        <Choice
          words="Between"
          value={said.side}
          options={options(JOINT_SIDES, JOINT_SIDE_LABELS)}
          onChoose={(side) => say({ side })}
        />
        <Choice
          words="and"
          value={said.otherSide}
          options={options(JOINT_SIDES, JOINT_SIDE_LABELS)}
          onChoose={(otherSide) => say({ otherSide })}
        />
        <Width key={said.widthMm} widthMm={said.widthMm} onSay={(widthMm) => say({ widthMm })} />
        <SaidMetres words="Long" metres={joint.metres} least={0.01} onSay={(lengthM) => say({ lengthM })} />
        {said.lengthM !== null && said.line && (
          <Button look="plain" className="text-sm" onClick={() => say({ lengthM: null })}>
            As long as drawn
          </Button>
        )}
        <Choice
          words="Done with"
          value={said.surfaceId}
          options={surfaces.map((s) => [s.id, s.name] as const)}
          onChoose={(surfaceId) => say({ surfaceId })}
        />
      </div>
      <div className="mt-3 flex flex-wrap items-end gap-3">
        <Choice
          words="What is in it"
          value={said.holds}
          options={options(JOINT_FILLS, JOINT_FILL_LABELS)}
          onChoose={(holds) => say({ holds })}
        />
        {said.holds !== 'open' && (
          <Choice
            words="The bead is"
            value={said.state}
            options={options(BEAD_STATES, BEAD_STATE_LABELS)}
            onChoose={(state) => say({ state })}
          />
        )}
        <YesNo words="It moves" value={said.moves} usual={joint.plan.use.moves} onSay={(moves) => say({ moves })} />
        <YesNo words="Gets wet" value={said.wet} usual={joint.plan.use.wet} onSay={(wet) => say({ wet })} />
        <YesNo
          words="Is painted"
          value={said.painted}
          usual={joint.plan.use.painted}
          onSay={(painted) => say({ painted })}
        />
        <Colour key={said.colour} colour={said.colour} onSay={(colour) => say({ colour })} />
      </div>
      {said.holds === 'unread' && (
        <div className="mt-3 grid gap-2">
          {BEAD_READING_CODES.map((reading) => (
            <Read
              key={reading}
              reading={reading}
              value={said[reading]}
              isNext={joint.next?.reading === reading}
              onSay={(value) => say({ [reading]: value })}
            />
          ))}
        </div>
      )}
      <WaysWith joint={joint} chosen={said.remedy} currency={currency} onChoose={(remedy) => say({ remedy })} />
      <p className="mt-2">
        <Button look="away" onClick={() => void takeOff()}>
          Take it off the sketch
        </Button>
      </p>
    </section>
  );
}

interface ReadProps {
  reading: BeadReading;
  value: BeadReads | null;
  isNext: boolean;
  onSay: (value: BeadReads | null) => void;
}

/** One reading of a bead; pressed again it is taken back. */
function Read({ reading, value, isNext, onSay }: ReadProps) {
  return (
    <div role="group" aria-label={BEAD_READING_LABELS[reading]} className="flex flex-wrap items-center gap-1.5">
      <span className={`w-full text-sm wide:w-40 ${isNext ? 'font-semibold' : ''}`}>
        {BEAD_READING_LABELS[reading]}
        {isNext && <span className="text-madder"> next</span>}
      </span>
      {BEAD_READINGS[reading].map((one) => (
        <Chip key={one} pressed={value === one} onPress={() => onSay(value === one ? null : one)}>
          {capital(BEAD_READS_LABELS[one])}
        </Chip>
      ))}
    </div>
  );
}

interface YesNoProps {
  words: string;
  value: boolean | null;
  usual: boolean;
  onSay: (value: boolean | null) => void;
}

/** Yes, no, or as is usual between these two sides. */
function YesNo({ words, value, usual, onSay }: YesNoProps) {
  return (
    <Choice<string>
      words={words}
      value={value === null ? '' : value ? 'yes' : 'no'}
      unsaid={value === null ? `As usual: ${usual ? 'yes' : 'no'}` : 'As usual'}
      options={[
        ['yes', 'Yes'],
        ['no', 'No'],
      ]}
      onChoose={(said) => onSay(said === '' ? null : said === 'yes')}
    />
  );
}

/** The width of the gap, taken when the field is left; a bare figure is in millimetres, or in inches. */
function Width({ widthMm, onSay }: { widthMm: number; onSay: (mm: number) => void }) {
  const units = useSight((s) => s.units);
  const [typed, setTyped] = useState(sayWidth(widthMm, units));
  const take = () => {
    const mm = readWidth(typed, units);
    if (mm !== null && mm >= 0.5 && mm <= 200 && mm !== widthMm) onSay(mm);
    else setTyped(sayWidth(widthMm, units));
  };
  return (
    <Typed
      words="Wide"
      value={typed}
      onType={setTyped}
      onBlur={take}
      onKeyDown={(e) => {
        if (e.key === 'Enter') take();
      }}
      width="w-24"
    />
  );
}

/** The colour of the cartridge, taken when the field is left. */
function Colour({ colour, onSay }: { colour: string; onSay: (colour: string) => void }) {
  const [typed, setTyped] = useState(colour);
  return (
    <Typed
      words="Colour of the cartridge"
      value={typed}
      onType={setTyped}
      onBlur={() => {
        if (typed.trim() !== colour) onSay(typed.trim());
      }}
      maxLength={40}
      placeholder="any"
      width="w-44"
    />
  );
}
