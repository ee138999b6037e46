import {
  Injectable,
  InternalServerErrorException,
  StreamableFile,
  type CallHandler,
  type ExecutionContext,
  type NestInterceptor,
} from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import { map, type Observable } from 'rxjs';
import type { z } from 'zod';
import { seesPrices } from '../people/roles.ts';
import type { SessionRequest } from '../people/session.ts';
import { answerKey, withoutSums } from '../answers/answer.ts';

/** Tells what an answer declares and nothing else; whoever does not see prices, without its sums. */
@Injectable()
export class MoneyByDeclaration implements NestInterceptor {
  constructor(private readonly reflector: Reflector) {}

  intercept(context: ExecutionContext, next: CallHandler): Observable<unknown> {
    const signedIn = context.switchToHttp().getRequest<SessionRequest>().signedIn;
    const declared = this.reflector.get<z.ZodType | undefined>(answerKey, context.getHandler());
    if (!signedIn || (!declared && seesPrices(signedIn.person.role))) return next.handle();
    const told = declared && (seesPrices(signedIn.person.role) ? declared : withoutSums(declared));
    return next.handle().pipe(map((answer: unknown) => tellable(answer, told)));
  }
}

function tellable(answer: unknown, declared: z.ZodType | undefined): unknown {
  if (answer === undefined || answer === null || answer instanceof StreamableFile) return answer;
  if (!declared) throw new InternalServerErrorException('This answer is not declared.');
  return declared.parse(answer);
}
