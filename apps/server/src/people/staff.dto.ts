import { newId, newPassword as password, personFields, planningSchema, version } from '@rustic/core';
import { z } from 'zod';
import { bodyOf } from '../http/bodyOf.ts';
import { token } from './tokens.ts';

export class InvitationBody extends bodyOf({
  id: newId,
  email: personFields.email,
  name: personFields.name,
  initials: personFields.initials,
  role: personFields.role,
  token,
}) {}

export class JoinBody extends bodyOf({ id: newId, password }) {}

/** Who lost their password, by the address they sign in with. */
export class RecoveryBody extends bodyOf({ id: newId, email: z.string().min(3).max(160) }) {}

export class PasswordBody extends bodyOf({ id: newId, before: z.string().min(1).max(200), after: password }) {}

const secondCode = z.string().min(6).max(20);
/** What a browser hands on from a device that was asked for a key: read by the library that asked. */
const deviceAnswer = z.strictObject({
  id: z.string().min(1).max(1000),
  rawId: z.string().max(1000),
  type: z.literal('public-key'),
  response: z.record(
    z.string().max(40),
    z.union([z.string().max(8000), z.number(), z.array(z.string().max(40)).max(10)]),
  ),
  clientExtensionResults: z.record(z.string().max(40), z.unknown()).optional(),
  authenticatorAttachment: z.string().max(40).optional(),
});
export class SignInBody extends bodyOf({
  email: z.string().min(3).max(160),
  password: z.string().min(1).max(200),
  code: secondCode.optional(),
  key: deviceAnswer.optional(),
}) {}

/** Who changes the locks of their door says the password of now. */
export class LockBody extends bodyOf({ id: newId, password: z.string().min(1).max(200) }) {}
export class LockCloseBody extends bodyOf({ id: newId, code: secondCode }) {}
export class PasskeyBody extends bodyOf({ id: newId, name: z.string().trim().min(1).max(60), key: deviceAnswer }) {}
export class OwnersLockBody extends bodyOf({ id: newId, version, needed: z.boolean() }) {}

export class IdBody extends bodyOf({ id: newId }) {}

/** Without its version the newest is meant, of a person as of the firm. */
export class PersonChange extends bodyOf({
  id: newId,
  version: version.optional(),
  role: personFields.role.optional(),
  hours: personFields.hours.optional(),
  skills: personFields.skills.optional(),
}) {}

export class PlanningBody extends bodyOf({ id: newId, version: version.optional(), ...planningSchema.shape }) {}
