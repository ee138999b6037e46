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
export class SignInBody extends bodyOf({
  email: z.string().min(3).max(160),
  password: z.string().min(1).max(200),
  code: secondCode.optional(),
}) {}

/** Who changes the locks of their door says the password of now. */
export class LockBody extends bodyOf({ id: newId, password: z.string().min(1).max(200) }) {}
export class LockCloseBody extends bodyOf({ id: newId, code: secondCode }) {}
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
