import { BadRequestException } from '@nestjs/common';

/** What cannot be used, every fault with its path, in the one shape of errors. */
export const refusedWith = (errors: { path: string; message: string }[]) =>
  new BadRequestException({ code: 'invalid', message: 'Some of this cannot be used. Nothing was written.', errors });
