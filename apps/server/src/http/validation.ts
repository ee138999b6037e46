import { BadRequestException, ValidationPipe, type ValidationError } from '@nestjs/common';
import { faultsBy, pathText, type InputFault } from '@rustic/core';
import type { z } from 'zod';
import { FITS } from './bodyOf.ts';

/** Faults that a page does something about have a code. */
const CODED: Readonly<Record<string, string>> = { isNotedTime: 'not-noted-then' };

function faults(errors: readonly ValidationError[], path: PropertyKey[] = []): InputFault[] {
  return errors.flatMap((error) => {
    const here = [...path, /^\d+$/.test(error.property) ? Number(error.property) : error.property];
    const own = Object.entries(error.constraints ?? {}).flatMap(([rule, message]): InputFault[] => {
      if (rule === FITS) return faultsBy(error.contexts?.[FITS] as z.ZodType, error.value, here);
      const words =
        rule === 'whitelistValidation'
          ? `"${error.property}" is not a field here`
          : message.replace(new RegExp(`^(each value in )?${error.property} `), '$1');
      return [{ path: pathText(here), message: words, ...(CODED[rule] && { code: CODED[rule] }) }];
    });
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
