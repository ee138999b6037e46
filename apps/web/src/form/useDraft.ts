import { useEffect, useMemo, useRef, useState } from 'react';
import { useForm, type DefaultValues, type FieldValues, type Path, type UseFormReturn } from 'react-hook-form';
import { endpoints } from '../store/endpoints.ts';
import { openDraft } from './drafts.ts';

/** What is typed into a form: it survives navigation, reload and a lost signal until it is kept or thrown away. */
export interface Draft<V extends FieldValues> {
  form: UseFormReturn<V>;
  /** As it stands now. */
  said: V;
  say: (more: Partial<V>) => void;
  /** It was typed before, and is here again. */
  isBack: boolean;
  /** Kept, or thrown away: the form begins anew. */
  end: () => void;
}

/** `name` says which form it is, and of what; `initial` how it begins. */
export function useDraft<V extends FieldValues>(name: string, initial: V): Draft<V> {
  const person = endpoints.endpoints.session.useQueryState(undefined).data?.person.id ?? 'nobody';
  const where = `${person}/${name}`;
  const kept = useMemo(() => openDraft<V>(where), [where]);
  const [isBack, setBack] = useState(kept.before !== null);
  const form = useForm<V>({ defaultValues: { ...initial, ...kept.before } as DefaultValues<V> });
  // How it begins, as text: by it an untouched form is known.
  const begins = JSON.stringify(initial);
  const begun = useRef(begins);
  useEffect(() => {
    const isTouched = JSON.stringify(form.getValues()) !== begun.current;
    begun.current = begins;
    // What it is about has moved since: a form that nobody has touched follows it.
    if (!isTouched) form.reset(JSON.parse(begins) as DefaultValues<V>);
  }, [form, begins]);
  useEffect(
    () =>
      form.subscribe({
        formState: { values: true },
        callback: ({ values }) => {
          if (JSON.stringify(values) === begun.current) kept.drop();
          else kept.keep(values);
        },
      }),
    [form, kept],
  );
  const acts = useMemo(
    () => ({
      say: (more: Partial<V>) => {
        for (const [field, value] of Object.entries(more))
          form.setValue(field as Path<V>, value as never, { shouldDirty: true });
      },
      end: () => {
        form.reset(JSON.parse(begun.current) as DefaultValues<V>);
        kept.drop();
        setBack(false);
      },
    }),
    [form, kept],
  );
  return { form, said: form.watch(), isBack, ...acts };
}
