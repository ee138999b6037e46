import type { ReactNode } from 'react';
import { useDraft } from '../form/useDraft.ts';
import { useMeasures } from '../words/useMeasures.ts';

/** What is typed into a calculator: what was reckoned last is there again when it is opened. */
export function useTyped<T extends Record<string, string>>(
  calculator: string,
  first: T,
): [T, (name: keyof T & string) => (value: string) => void] {
  const { said, say } = useDraft<T>(`reckon/${calculator}`, first);
  return [said, (name) => (value) => say({ [name]: value } as Partial<T>)];
}

interface Props {
  children: ReactNode;
  /** The answer in words; null while something cannot be read. */
  answer: ReactNode;
  formula: string | null;
  drawing: ReactNode;
}

/** Fields, the answer, the line that led to it, and a drawing of it. */
export function Card({ children, answer, formula, drawing }: Props) {
  const { inUnits } = useMeasures();
  return (
    <div className="max-w-[720px]">
      <div className="flex flex-wrap items-end gap-3">{children}</div>
      <div role="status" className="mt-4 border-t-2 border-ink pt-2">
        {answer === null ? (
          <p className="text-faded">
            Something above cannot be read yet. Write numbers as you say them: 2.4, 240 cm, 7' 10".
          </p>
        ) : (
          <>
            <p className="font-serif text-[22px] font-semibold">
              {typeof answer === 'string' ? inUnits(answer) : answer}
            </p>
            {formula && <p className="text-faded">{inUnits(formula)}</p>}
          </>
        )}
      </div>
      {answer !== null && <div className="mt-4">{drawing}</div>}
    </div>
  );
}
