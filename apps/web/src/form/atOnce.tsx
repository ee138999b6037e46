import { Field as Group, Input, Label, Select } from '@headlessui/react';
import type { InputHTMLAttributes, ReactNode } from 'react';

/** What a thing is called in a list that is chosen from. */
export type Option<T extends string = string> = readonly [value: T, words: string];
/** Options under a heading of their own: the surfaces of a room. */
export interface OptionGroup {
  words: string;
  options: readonly Option[];
}

const Options = ({ options }: { options: readonly Option[] }) =>
  options.map(([value, words]) => (
    <option key={value} value={value}>
      {words}
    </option>
  ));

interface ChoiceProps<T extends string> {
  /** What is asked, in words. */
  words: string;
  value: T;
  options?: readonly Option<T>[];
  groups?: readonly OptionGroup[];
  /** Where nothing need be chosen: what that is called. */
  unsaid?: string;
  onChoose: (value: T) => void;
  className?: string;
  width?: string;
  asked?: Asked;
}

/** How what is asked stands: above its box, large above it, before it on one line, or for readers of the page alone. */
type Asked = 'above' | 'large' | 'before' | 'unseen';
const GROUP = { above: 'text-sm', large: '', before: 'flex items-center gap-2 text-sm', unseen: 'text-sm' };
const LABEL = { above: 'block', large: 'block', before: '', unseen: 'sr-only' };

/** One of a list, taken at once: what is chosen stands without being sent. */
export function Choice<T extends string>({
  words,
  value,
  options = [],
  groups = [],
  unsaid,
  onChoose,
  className = '',
  width = '',
  asked = 'above',
}: ChoiceProps<T>) {
  return (
    <Group className={`${GROUP[asked]} ${className}`}>
      <Label className={LABEL[asked]}>{words}</Label>
      <Select
        value={value}
        onChange={(e) => onChoose(e.target.value as T)}
        className={`max-w-full ${asked === 'before' ? '' : 'block'} ${width}`}
      >
        {unsaid !== undefined && <option value="">{unsaid}</option>}
        <Options options={options} />
        {groups.map((group) => (
          <optgroup key={group.words} label={group.words}>
            <Options options={group.options} />
          </optgroup>
        ))}
      </Select>
    </Group>
  );
}

interface TypedProps extends Omit<InputHTMLAttributes<HTMLInputElement>, 'value' | 'width' | 'className'> {
  words: ReactNode;
  value: string;
  onType: (value: string) => void;
  width?: string;
  asked?: Asked;
}

/** What is typed and taken at once: what a page looks for, what a reckoner works with. */
export function Typed({ words, value, onType, width = 'w-32', asked = 'above', ...input }: TypedProps) {
  return (
    <Group className={GROUP[asked]}>
      <Label className={LABEL[asked]}>{words}</Label>
      <Input
        {...input}
        value={value}
        onChange={(e) => onType(e.target.value)}
        className={`max-w-full ${asked === 'before' ? '' : 'block'} ${width}`}
      />
    </Group>
  );
}

/** An address that is shown once, to be taken away. */
export function ShownOnce({ words, text }: { words: string; text: string }) {
  return (
    <Group className="mb-2 block text-sm">
      <Label className="block">{words}</Label>
      <Input readOnly value={text} onFocus={(e) => e.target.select()} className="block w-full font-mono text-sm" />
    </Group>
  );
}
