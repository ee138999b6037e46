import { departureSchema, newId, overrideSchema } from '@rustic/core';
import { z } from 'zod';
import { bodyOf } from '../http/bodyOf.ts';

/** Names a system by its content. */
const key = z.string().regex(/^[0-9a-f]{16}$/, 'names no system');
const departures = z.array(departureSchema).max(20);

/** A question about a system: what follows, were it departed from. */
export class WhatIfBody extends bodyOf({ key, departures }) {}

/** A departure that somebody signs for: the name is written out by the person who signs. */
const signature = z.strictObject({
  departures: departures.min(1),
  reason: overrideSchema.shape.reason,
  signedAs: overrideSchema.shape.signedAs,
});
export type OverrideBody = z.infer<typeof signature>;

export class ChoiceBody extends bodyOf({ id: newId, key, override: signature.optional() }) {}
