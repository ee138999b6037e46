import { useFormContext } from 'react-hook-form';
import { describeColour, nameOfColour } from '@rustic/core';
import { ChipChoice } from '../colours/ChipChoice.tsx';
import { TickField } from '../form/fields.tsx';
import { useJobQuery } from '../store/endpoints.ts';
import type { SurfaceSaid } from './surfaceSaid.ts';

/** The colour that is there: by eye. */
export function ColourNow() {
  const { register } = useFormContext<SurfaceSaid>();
  return (
    <div className="text-sm">
      Colour now
      <span className="flex items-center gap-2">
        <input type="color" aria-label="Colour now" {...register('currentColour')} className="w-14 p-0.5" />
        <TickField name="knowsColour" words="known" />
      </span>
    </div>
  );
}

/** The colour that is wanted: by its name from the job's own or from a card; by eye where it has none yet. */
export function ColourWanted({ jobId }: { jobId: string }) {
  const { register, setValue, watch } = useFormContext<SurfaceSaid>();
  const { data } = useJobQuery(jobId);
  const named = data?.job.colours ?? [];
  const { colour, wantsColour, chip } = watch();
  const name = chip?.name ?? nameOfColour(colour, named)?.name;
  const choose = (changed: Partial<SurfaceSaid>) => {
    for (const [field, value] of Object.entries(changed))
      setValue(field as keyof SurfaceSaid, value as never, { shouldDirty: true });
  };
  return (
    <>
      <ChipChoice
        words="Chosen from a card"
        first={named}
        chosen={wantsColour ? (name ?? '') : ''}
        onChoose={({ colour: chosen, ...rest }) =>
          choose({ colour: chosen, wantsColour: true, chip: { name: rest.name, code: rest.code, maker: rest.maker } })
        }
      />
      <div className="text-sm">
        {wantsColour && !name ? `Wanted: ${describeColour(colour)}` : 'Colour wanted'}
        <span className="flex items-center gap-2">
          <input
            type="color"
            aria-label="Colour wanted"
            {...register('colour', { onChange: () => choose({ chip: null }) })}
            className="w-14 p-0.5"
          />
          <TickField name="wantsColour" words="chosen" />
        </span>
      </div>
    </>
  );
}
