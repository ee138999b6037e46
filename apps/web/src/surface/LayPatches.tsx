import { useState } from 'react';
import { PRIMER_FAMILIES, type Family } from '@rustic/core';
import { Form } from '../form/Form.tsx';
import { SelectField, TextField } from '../form/fields.tsx';
import { useDraft } from '../form/useDraft.ts';
import { Chip } from '../page/Act.tsx';
import { nowText } from '../clock/clock.ts';
import { newId } from '../store/newId.ts';
import { useLayPatchesMutation } from '../store/endpoints.ts';
import { capital } from '../words/figures.ts';
import { useWords } from '../words/Words.tsx';

/** Those that are tried against one another most often. */
const USUAL: readonly Family[] = [
  'stain-blocking-acrylic-primer',
  'bonding-acrylic-primer',
  'shellac-primer',
  'low-odour-oil-primer',
];
const MOST = 6;

interface Props {
  surfaceId: string;
  /** What the system asks to be tried. */
  asked: readonly Family[];
  onDone: () => void;
}

/** Patches are laid: which primers, how many coats of each, and where; the clock runs from now. */
export function LayPatches({ surfaceId, asked, onDone }: Props) {
  const { sayFamily } = useWords();
  const [lay, laying] = useLayPatchesMutation();
  const [all, setAll] = useState(false);
  const draft = useDraft<{ families: Family[]; coats: string; place: string }>(`patches/${surfaceId}`, {
    families: [...asked],
    coats: asked.length ? '2' : '1',
    place: '',
  });
  const { families } = draft.said;
  const offered = [...new Set([...asked, ...USUAL, ...families, ...(all ? PRIMER_FAMILIES : [])])];
  const toggle = (family: Family) =>
    draft.say({ families: families.includes(family) ? families.filter((f) => f !== family) : [...families, family] });
  return (
    <Form
      draft={draft}
      label="Lay patches"
      words={families.length > 1 ? `${families.length} patches are laid` : 'The patch is laid'}
      busy={laying.isLoading}
      disabled={families.length === 0 || families.length > MOST}
      error={laying.error}
      className="mb-4 border-y-2 border-ink bg-leaf px-3 py-3 wide:px-4"
      onSend={({ coats, place, families: laid }) =>
        lay({ surfaceId, id: newId(), at: nowText(), families: laid, coats: Number(coats), place: place.trim() })
      }
      onSent={onDone}
      onLeave={onDone}
    >
      <p className="mb-2 max-w-[62ch] text-sm">
        Side by side across the strongest colour, as many coats of each, and a strip between them left bare.
      </p>
      <div className="mb-3 flex flex-wrap gap-1.5" role="group" aria-label="Which primers">
        {offered.map((family) => (
          <Chip key={family} pressed={families.includes(family)} onPress={() => toggle(family)}>
            {capital(sayFamily(family))}
          </Chip>
        ))}
        {!all && <Chip onPress={() => setAll(true)}>Others …</Chip>}
      </div>
      <div className="flex flex-wrap gap-3">
        <SelectField name="coats" words="Coats of each" options={['1', '2', '3', '4']} say={(n) => n} width="w-24" />
        <TextField name="place" words="Where" maxLength={200} placeholder="across the ring by the vent" width="w-64" />
      </div>
    </Form>
  );
}
