import { Field, Input, Label } from '@headlessui/react';

/** How sure somebody is, in a hundred: from a toss of a coin, or less, to as good as certain. */
export function SureRange({ sure, onSay }: { sure: number; onSay: (sure: number) => void }) {
  return (
    <Field className="text-sm">
      <Label className="block">
        How sure you are: <strong>{Math.round(sure * 100)} in 100</strong>
      </Label>
      <Input
        type="range"
        min={30}
        max={99}
        step={1}
        value={Math.round(sure * 100)}
        onChange={(e) => onSay(Number(e.target.value) / 100)}
        className="block h-[44px] w-64 max-w-full accent-(--color-ink) wide:h-[34px]"
      />
    </Field>
  );
}
