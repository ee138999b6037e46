import { isCoat } from '../vocabulary/index.ts';
import { stepKey, type Step } from '../model/step.ts';

/** What a finding does to a system: the lines it adds, takes away and changes. */
export interface SystemDifference {
  added: Step[];
  removed: Step[];
  /** Same line, other amount: more coats, another tint or sheen. */
  changed: { before: Step; after: Step }[];
}

const amount = (step: Step) =>
  `${isCoat(step.kind) ? (step.coats ?? 1) : ''}|${step.tint ?? ''}|${step.sheen ?? ''}|${step.method ?? ''}`;

/** Sets two specifications of one surface side by side. Order alone is no difference. */
export function systemDifference(before: readonly Step[], after: readonly Step[]): SystemDifference {
  const left = [...before];
  const added: Step[] = [];
  const changed: SystemDifference['changed'] = [];
  for (const step of after) {
    const at = left.findIndex((s) => stepKey(s) === stepKey(step));
    if (at < 0) {
      added.push(step);
      continue;
    }
    const [was] = left.splice(at, 1);
    if (amount(was!) !== amount(step)) changed.push({ before: was!, after: step });
  }
  return { added, removed: left, changed };
}
