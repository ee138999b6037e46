import { useFormContext } from 'react-hook-form';
import { describeColour, nameOfColour } from '@rustic/core';
import { ChipChoice } from '../colours/ChipChoice.tsx';
import { TickField } from '../form/fields.tsx';
import type { Draft } from '../form/useDraft.ts';
import { useJobQuery } from '../store/endpoints.ts';
import type { SurfaceSaid } from './surfaceSaid.ts';

interface SwatchProps {
  /** What the swatch is of. */
  words: string;
  /** What stands over it, where that says more. */
  over?: string;
  name: 'currentColour' | 'colour';
  tick: 'knowsColour' | 'wantsColour';
  tickWords: string;
  onChange?: () => void;
}

/** A colour by eye, and whether it counts. */
function Swatch({ words, over = words, name, tick, tickWords, onChange }: SwatchProps) {
  const { register } = useFormContext<SurfaceSaid>();
  return (
    <div className="text-sm">
      {over}
      <span className="flex items-center gap-2">
        <input type="color" aria-label={words} {...register(name, { onChange })} className="w-14 p-0.5" />
        <TickField name={tick} words={tickWords} />
      </span>
    </div>
  );
}

/** The colour that is there: by eye. */
export const ColourNow = () => <Swatch words="Colour now" name="currentColour" tick="knowsColour" tickWords="known" />;

/** The colour that is wanted: by its name from the job's own or from a card; by eye where it has none yet. */
export function ColourWanted({ jobId, draft: { said, say } }: { jobId: string; draft: Draft<SurfaceSaid> }) {
  const { data } = useJobQuery(jobId);
  const named = data?.job.colours ?? [];
  const { colour, wantsColour, chip } = said;
  const name = chip?.name ?? nameOfColour(colour, named)?.name;
  return (
    <>
      <ChipChoice
        words="Chosen from a card"
        first={named}
        chosen={wantsColour ? (name ?? '') : ''}
        onChoose={(one) =>
          say({ colour: one.colour, wantsColour: true, chip: { name: one.name, code: one.code, maker: one.maker } })
        }
      />
      <Swatch
        words="Colour wanted"
        over={wantsColour && !name ? `Wanted: ${describeColour(colour)}` : 'Colour wanted'}
        name="colour"
        tick="wantsColour"
        tickWords="chosen"
        onChange={() => say({ chip: null })}
      />
    </>
  );
}
