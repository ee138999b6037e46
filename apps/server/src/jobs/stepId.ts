import { z } from 'zod';

/** A step of a surface's system, as the plan names it. */
export const stepId = z.string().regex(/^s\d{1,3}(c\d{1,2})?$/, 'must name a step of the plan');
