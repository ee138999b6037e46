import { capital } from '../words/figures.ts';
import { useWords } from '../words/Words.tsx';
import { SelectField } from './fields.tsx';

interface Props<T extends string> {
  name: string;
  words: string;
  options: readonly T[];
  /** What each code is called; one without a name is said as it stands. */
  labels: Partial<Record<T, string>>;
  unsaid?: string;
}

/** One code of a list of the core, by its name in the words of the firm. */
export function CodeField<T extends string>({ labels, unsaid, ...field }: Props<T>) {
  const { inOurWords } = useWords();
  return (
    <SelectField
      {...field}
      say={(one: T) => capital(inOurWords(labels[one] ?? one))}
      {...(unsaid === undefined ? {} : { unsaid: capital(unsaid) })}
    />
  );
}
