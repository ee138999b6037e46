import { BadRequestException, ValidationPipe, type ArgumentMetadata, type ValidationError } from '@nestjs/common';
import { pathText } from '@rustic/core';

function faults(errors: readonly ValidationError[], path: PropertyKey[] = []): { path: string; message: string }[] {
  return errors.flatMap((error) => {
    const here = [...path, /^\d+$/.test(error.property) ? Number(error.property) : error.property];
    const own = Object.entries(error.constraints ?? {}).map(([rule, message]) => ({
      path: pathText(here),
      message:
        rule === 'whitelistValidation'
          ? `"${error.property}" is not a field here`
          : message.replace(new RegExp(`^(each value in )?${error.property} `), '$1'),
    }));
    return [...own, ...faults(error.children ?? [], here)];
  });
}

/** What was sent and no more: a field that was left out is not there, so that nothing is overwritten by its absence. */
function onlySent<T>(value: T): T {
  if (Array.isArray(value)) value.forEach(onlySent);
  else if (typeof value === 'object' && value !== null && !Buffer.isBuffer(value))
    for (const [field, inner] of Object.entries(value))
      if (inner === undefined) delete (value as Record<string, unknown>)[field];
      else onlySent(inner);
  return value;
}

class EdgeValidation extends ValidationPipe {
  override async transform(value: unknown, metadata: ArgumentMetadata): Promise<unknown> {
    return onlySent(await super.transform(value, metadata));
  }
}

/** class-validator at the edge: unknown fields refused, every fault listed. */
export const edgeValidation = () =>
  new EdgeValidation({
    whitelist: true,
    forbidNonWhitelisted: true,
    transform: true,
    stopAtFirstError: false,
    exceptionFactory: (errors) =>
      new BadRequestException({
        code: 'invalid',
        message: 'Some of this cannot be used. Nothing was written.',
        errors: faults(errors),
      }),
  });
