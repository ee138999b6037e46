import type { Refusal } from '@rustic/core';
import { z } from 'zod';

/** Every error as it is answered: what a person is told, with the number of the request. */
export const refusal = z
  .object({
    code: z.string(),
    message: z.string(),
    errors: z.array(z.object({ path: z.string(), message: z.string(), code: z.string().optional() })).optional(),
    /** Of a conflict: what was sent, and what stands. */
    yours: z.unknown().optional(),
    theirs: z.unknown().optional(),
    /** At the door: what a device is asked, where one of its keys may open. */
    passkey: z.unknown().optional(),
    requestId: z.string(),
  })
  .meta({ id: 'Refusal' }) satisfies z.ZodType<Refusal & { requestId: string }>;
