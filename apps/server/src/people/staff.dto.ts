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

export class PasswordBody extends bodyOf({ id: newId, before: z.string().min(1).max(200), after: password }) {}

export class SignInBody extends bodyOf({ email: z.string().min(3).max(160), password: z.string().min(1).max(200) }) {}

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
