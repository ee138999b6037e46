import { ConflictException } from '@nestjs/common';

/** Two people changed the same thing: both versions are shown and nothing is overwritten. */
export function editedElsewhere(yours: unknown, theirs: unknown): ConflictException {
  return new ConflictException({
    code: 'edited-elsewhere',
    message:
      'Somebody changed this while you had it open. Nothing of theirs was overwritten; yours is still on this page.',
    yours,
    theirs,
  });
}
