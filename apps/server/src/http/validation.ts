import { BadRequestException, ValidationPipe, type ValidationError } from '@nestjs/common';
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

/** class-validator at the edge: unknown fields refused, every fault listed. */
export const edgeValidation = () =>
  new ValidationPipe({
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
