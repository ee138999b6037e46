import { Combobox, ComboboxInput, ComboboxOption, ComboboxOptions, Field, Label } from '@headlessui/react';
import { useState } from 'react';
import { asOrdered, holdsWords, type NamedColour } from '@rustic/core';
import { useChipsQuery } from '../store/endpoints.ts';
import { ColourSwatch } from './ColourSwatch.tsx';

type Chip = Pick<NamedColour, 'colour' | 'name' | 'code' | 'maker'>;

interface Props {
  words: string;
  /** Colours that are offered before those of the cards: the job's own. */
  first?: readonly NamedColour[];
  /** What stands in the field before anything is typed. */
  chosen: string;
  className?: string;
  onChoose: (chip: Chip) => void;
}

/** A colour by its name or code, from the job's own and from the firm's cards. */
export function ChipChoice({ words, first = [], chosen, className = '', onChoose }: Props) {
  const [asked, setAsked] = useState('');
  const [opened, setOpened] = useState(false);
  const { data } = useChipsQuery(asked.trim(), { skip: !opened });
  const own = first.filter((one) => holdsWords(asOrdered(one), asked));
  const chips = (data?.chips ?? []).filter((chip) => !own.some((one) => one.colour === chip.colour));
  const offered: Chip[] = [...own, ...chips];
  return (
    <Field className={`relative text-sm ${className}`}>
      <Label className="block">{words}</Label>
      <Combobox<Chip | null>
        immediate
        onChange={(chip) => {
          if (chip) onChoose(chip);
          setAsked('');
        }}
        onClose={() => setAsked('')}
      >
        <ComboboxInput
          className="block w-full"
          placeholder="name or code"
          displayValue={() => chosen}
          onFocus={() => setOpened(true)}
          onChange={(e) => setAsked(e.target.value)}
        />
        <ComboboxOptions className="absolute z-20 mt-1 max-h-72 w-[320px] max-w-[88vw] overflow-y-auto rounded border border-strong bg-leaf p-1 shadow">
          {offered.map((chip, i) => (
            <ComboboxOption
              key={`${chip.colour}/${chip.name}/${i}`}
              value={chip}
              className="flex min-h-[44px] cursor-pointer items-center gap-3 px-2 data-focus:bg-tab wide:min-h-[36px]"
            >
              <ColourSwatch colour={chip.colour} />
              <span>
                <strong className="font-semibold">{chip.name}</strong>{' '}
                <span className="text-faded">{asOrdered({ ...chip, name: '' })}</span>
              </span>
            </ComboboxOption>
          ))}
          {data && offered.length === 0 && (
            <p className="px-2 py-2 text-faded">
              {asked.trim()
                ? 'No chip by that name on any card.'
                : 'No colour card is kept yet: bring one in under Shelf.'}
            </p>
          )}
          {data && data.more > 0 && <p className="px-2 py-1 text-faded">{data.more} more: type on</p>}
        </ComboboxOptions>
      </Combobox>
    </Field>
  );
}
