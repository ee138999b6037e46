import { capital } from '../words/figures.ts';
import { useWords } from '../words/Words.tsx';

/** Said beside a field whose figure cannot be read: what stood stands. */
export function Unreadable({ name, unreadable }: { name: string; unreadable: ReadonlySet<string> }) {
  if (!unreadable.has(name)) return null;
  return (
    <span id={`${name}-unreadable`} role="alert" className="block text-madder">
      This cannot be read. Write it as 12.5; nothing was changed.
    </span>
  );
}

/** A yes or no of the form. */
export function Tick({ name, words, on }: { name: string; words: string; on: boolean }) {
  return (
    <label className="flex items-end gap-2 pb-2 text-sm">
      <input type="checkbox" name={name} defaultChecked={on} className="size-5 min-h-0" />
      {words}
    </label>
  );
}

/** One of a list. */
export function Pick<T extends string>({
  name,
  words,
  options,
  labels,
  value,
}: {
  name: string;
  words: string;
  options: readonly T[];
  labels: Partial<Record<T, string>>;
  value: T;
}) {
  const { inOurWords } = useWords();
  return (
    <label className="text-sm">
      {words}
      <select name={name} defaultValue={value} className="block w-full">
        {options.map((o) => (
          <option key={o} value={o}>
            {capital(inOurWords(labels[o] ?? o))}
          </option>
        ))}
      </select>
    </label>
  );
}
