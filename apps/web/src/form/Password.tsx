import { Field as Group, Input, Label } from '@headlessui/react';

interface Props {
  words: string;
  value: string;
  onType: (value: string) => void;
  /** A new one is chosen here: twelve letters or more. */
  isNew?: boolean;
}

/** A password as it is typed: never a draft. */
export function Password({ words, value, onType, isNew = false }: Props) {
  return (
    <Group className="mb-4">
      <Label className="block">{words}</Label>
      <Input
        type="password"
        name="password"
        autoComplete={isNew ? 'new-password' : 'current-password'}
        required
        {...(isNew ? { minLength: 12, maxLength: 200 } : {})}
        value={value}
        onChange={(e) => onType(e.target.value)}
        className="mt-1 block w-full"
      />
    </Group>
  );
}
