import { Injectable, type CallHandler, type ExecutionContext, type NestInterceptor } from '@nestjs/common';
import { map, type Observable } from 'rxjs';
import { seesPrices } from './roles.ts';
import type { SessionRequest } from './session.ts';

/** Everything in an answer that says what something costs, earns or may lose. */
export const MONEY: ReadonlySet<string> = new Set([
  'addedCost',
  'atStake',
  'cost',
  'costs',
  'expectedCost',
  'expectedLoss',
  'expectedSaving',
  'hourCost',
  'labour',
  'loss',
  'materials',
  'price',
  'prices',
  'pricing',
  'saves',
  'sundriesCost',
  'total',
  'totals',
]);

/** Takes prices out of every answer to those who do not see them. */
@Injectable()
export class PricesInterceptor implements NestInterceptor {
  intercept(context: ExecutionContext, next: CallHandler): Observable<unknown> {
    const signedIn = context.switchToHttp().getRequest<SessionRequest>().signedIn;
    if (!signedIn || seesPrices(signedIn.person.role)) return next.handle();
    return next.handle().pipe(map((answer: unknown) => withoutPrices(answer)));
  }
}

/** What a way costs beside another, where it is said in words. */
const SAID = /;? ?\d[\d.,]* (?:cheaper|dearer)(?=[;.]|$)/g;

/** Hours and litres that stand beside a price are not one. */
const isPrice = (key: string, inner: unknown) => MONEY.has(key) && (key === 'pricing' || typeof inner === 'number');

/** The same answer, with null in the place of money. */
export function withoutPrices(value: unknown): unknown {
  if (typeof value === 'string') return value.replace(SAID, '');
  if (Array.isArray(value)) return value.map(withoutPrices);
  if (value === null || typeof value !== 'object' || value instanceof Date || Buffer.isBuffer(value)) return value;
  return Object.fromEntries(
    Object.entries(value).map(([key, inner]) => [key, isPrice(key, inner) ? null : withoutPrices(inner)]),
  );
}
