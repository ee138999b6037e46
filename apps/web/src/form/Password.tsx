import { useEffect, useState } from 'react';
import { Field as Group, Input, Label } from '@headlessui/react';
import type { PasswordStrength } from '@rustic/core/passwordStrength';

interface Props {
  words: string;
  value: string;
  onType: (value: string) => void;
  /** A new one is chosen here: twelve letters or more. */
  isNew?: boolean;
  /** What anybody knows of who chooses a new one: it is no good for a password. */
  about?: string;
}

/** A password as it is typed: never a draft. Of a new one it is shown how well it stands up to guessing. */
export function Password({ words, value, onType, isNew = false, about = '' }: Props) {
  const strength = useStrength(isNew ? value : '', about);
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
      {isNew && <Strength strength={strength} />}
    </Group>
  );
}

const STEPS = [0, 1, 2, 3];
const STRONG = 3;
const WORDS = ['Guessed at once', 'Guessed soon', 'Guessed in days', 'Good', 'Very good'];

/** Four strokes, as many filled as it stands, and a word; nothing until something is typed. */
function Strength({ strength }: { strength: PasswordStrength | null }) {
  const isWeak = strength !== null && strength.score < STRONG;
  return (
    <div aria-live="polite" className="mt-1.5 min-h-[22px] text-[13px]">
      {strength && (
        <>
          <span aria-hidden="true" className="mr-2 inline-flex gap-1 align-middle">
            {STEPS.map((step) => (
              <span
                key={step}
                className={`h-1.5 w-6 rounded-sm ${step < strength.score ? (isWeak ? 'bg-ochre' : 'bg-verdigris') : 'bg-rule'}`}
              />
            ))}
          </span>
          {WORDS[strength.score]}
          {strength.weakness && <span className="block text-ochre-ink">This {strength.weakness}</span>}
        </>
      )}
    </div>
  );
}

/** Judged on this device, by lists that are fetched only where a password is chosen; null until they are there. */
function useStrength(password: string, about: string): PasswordStrength | null {
  const [judged, setJudged] = useState<{ password: string; strength: PasswordStrength } | null>(null);
  useEffect(() => {
    if (!password) return;
    let isStale = false;
    void import('@rustic/core/passwordStrength')
      .then(({ passwordStrength }) => passwordStrength(password, about.split('\n').filter(Boolean)))
      .then((strength) => !isStale && setJudged({ password, strength }))
      // Without signal the lists cannot be fetched: the server judges all the same.
      .catch(() => undefined);
    return () => {
      isStale = true;
    };
  }, [password, about]);
  return password && judged?.password === password ? judged.strength : null;
}
