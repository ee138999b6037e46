import { Field as Group, Input, Label, Select, Textarea } from '@headlessui/react';
import type { InputHTMLAttributes, ReactNode } from 'react';
import { readDuration } from '@rustic/core';
import { useController, useFormContext } from 'react-hook-form';
import { readFigure } from '../words/readFigure.ts';
import { Tick } from './Tick.tsx';

interface FieldProps {
  name: string;
  /** What is asked, in words. */
  words: ReactNode;
  className?: string;
  /** How wide its box is. */
  width?: string;
}
type Native = Omit<InputHTMLAttributes<HTMLInputElement>, 'name' | 'className' | 'width'>;

/** What cannot be taken of a field, said beside it. */
function Fault({ name }: { name: string }) {
  const { getFieldState, formState } = useFormContext();
  const { error } = getFieldState(name, formState);
  if (!error?.message) return null;
  return (
    <span role="alert" className="block text-madder">
      {error.message}
    </span>
  );
}

/** A field under what is asked, with what cannot be taken of it. */
function Asked({ name, words, className, children }: FieldProps & { children: ReactNode }) {
  return (
    <Group className={`text-sm ${className}`}>
      <Label className="block">{words}</Label>
      {children}
      <Fault name={name} />
    </Group>
  );
}

/** Words, a day, an hour, an address: one line. */
export function TextField({ name, words, className = '', width = 'w-full', ...input }: FieldProps & Native) {
  const { register } = useFormContext();
  return (
    <Asked name={name} words={words} className={className}>
      <Input {...input} {...register(name)} className={`block max-w-full ${width}`} />
    </Asked>
  );
}

/** A few lines. */
export function LinesField({
  name,
  words,
  className = '',
  ...box
}: FieldProps & Pick<Native, 'minLength' | 'maxLength' | 'required'>) {
  const { register } = useFormContext();
  return (
    <Asked name={name} words={words} className={className}>
      <Textarea {...box} {...register(name)} rows={2} className="block w-full" />
    </Asked>
  );
}

/** Said of a figure that cannot be read: what stood stands. */
const UNREADABLE = 'This cannot be read. Write it as 12.5; nothing was changed.';

interface FigureProps {
  /** Whether what is typed can be read; as a plain figure, where it is not said otherwise. */
  isRead?: (text: string) => boolean;
  /** What is said of one that cannot. */
  unread?: string;
}

/** A figure as people write it. One that cannot be read is said beside its field, and nothing is sent. */
export function FigureField({
  name,
  words,
  className = '',
  width = 'w-24',
  isRead = (text) => !Number.isNaN(readFigure(text)),
  unread = UNREADABLE,
  ...input
}: FieldProps & FigureProps & Native) {
  const { register, formState } = useFormContext();
  const validate = (text: unknown) => {
    const typed = String(text ?? '').trim();
    return typed === '' || isRead(typed) || unread;
  };
  return (
    <Asked name={name} words={words} className={className}>
      <Input
        inputMode="decimal"
        {...input}
        {...register(name, { validate })}
        invalid={Boolean(formState.errors[name])}
        className={`block max-w-full ${width}`}
      />
    </Asked>
  );
}

interface DurationProps extends FieldProps {
  /** How it may be written, shown while nothing is. */
  such: string;
}

/** A length of time as people say it. */
export const DurationField = ({ such, ...field }: DurationProps) => (
  <FigureField
    {...field}
    inputMode="text"
    placeholder={such}
    isRead={(text) => readDuration(text) !== null}
    unread={`This cannot be read. Write it as ${such}.`}
  />
);

/** One of a list. */
export function SelectField<T extends string>({
  name,
  words,
  options,
  say,
  unsaid,
  className = '',
  width = 'w-full',
  required = false,
}: FieldProps & {
  options: readonly T[];
  say: (one: T) => string;
  /** Where nothing need be chosen: what that is called. */
  unsaid?: string;
  required?: boolean;
}) {
  const { register } = useFormContext();
  return (
    <Asked name={name} words={words} className={className}>
      <Select {...register(name)} required={required} className={`block max-w-full ${width}`}>
        {unsaid !== undefined && <option value="">{unsaid}</option>}
        {options.map((one) => (
          <option key={one} value={one}>
            {say(one)}
          </option>
        ))}
      </Select>
    </Asked>
  );
}

/** A yes or no. */
export function TickField({ name, words, className = '' }: FieldProps) {
  const { field } = useController({ name });
  return (
    <Tick
      checked={field.value === true}
      onTick={field.onChange}
      className={`flex min-h-[44px] items-center gap-2 text-sm ${className}`}
    >
      {words}
    </Tick>
  );
}
