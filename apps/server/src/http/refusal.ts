import { z } from 'zod';

/** The one shape of every error: what happened, what was kept, what to do. */
export const refusal = z
  .object({
    code: z.string(),
    message: z.string(),
    errors: z.array(z.object({ path: z.string(), message: z.string(), code: z.string().optional() })).optional(),
    /** Of a conflict: what was sent, and what stands. */
    yours: z.unknown().optional(),
    theirs: z.unknown().optional(),
    requestId: z.string(),
  })
  .meta({ id: 'Refusal' });
