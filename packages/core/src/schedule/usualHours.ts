import type { PlanInput } from '../model/planInput.ts';

type Given = PlanInput['crew'][number];

/** The days and hours of somebody who has not said theirs: Monday to Friday, eight to half past four. */
const USUAL = { days: [1, 2, 3, 4, 5], from: '08:00', to: '16:30' };

/** When a person works, the usual where they have not said. ISO weekdays, clock times of the place. */
export const workHours = ({ days, from, to }: Pick<Given, 'days' | 'from' | 'to'>) => ({
  days: days ?? USUAL.days,
  from: from ?? USUAL.from,
  to: to ?? USUAL.to,
});
