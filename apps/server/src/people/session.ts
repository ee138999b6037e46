import type { Role } from '@rustic/core';
import {
  createParamDecorator,
  ForbiddenException,
  Injectable,
  UnauthorizedException,
  type CanActivate,
  type ExecutionContext,
} from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import { SetMetadata } from '@nestjs/common';
import type { Who } from '../record/firmScope.ts';
import type { WriteRequest } from '../record/sentWrite.ts';
import { People, type SignedIn } from './people.service.ts';
import { isClosed } from './secondLock.ts';
import { rolesFor, rolesKey, seesPrices } from './roles.ts';
import { steadyNow } from './steadyClock.ts';

const COOKIE = 'rustic_ledger';
/** The session's cookie: over TLS under a name that browsers take from this very host alone. */
export const cookieName = ({ secure }: Pick<SessionRequest, 'secure'>) => (secure ? `__Host-${COOKIE}` : COOKIE);
/** What the session's cookie carries; undefined where there is none. */
export function sessionToken(request: SessionRequest): string | undefined {
  const token = (request.cookies as Record<string, unknown> | undefined)?.[cookieName(request)];
  return typeof token === 'string' ? token : undefined;
}
export const Open = () => SetMetadata('open', true);

/** What an owner may do who has still to set up the second lock that the firm asks for. */
export const BeforeSecond = () => SetMetadata('before-second', true);
export const needsSecond = ({ person, firm }: SignedIn) =>
  firm.ownersSecond && person.role === 'owner' && !isClosed(person.secondLock);

export type SessionRequest = WriteRequest & { signedIn?: SignedIn };

/** Whether whoever sends this is told sums. */
export const isPriced = ({ signedIn }: SessionRequest) => seesPrices(signedIn!.person.role);

/** Nobody passes without a session, but where a handler says it is open. */
@Injectable()
export class SessionGuard implements CanActivate {
  constructor(
    private readonly people: People,
    private readonly reflector: Reflector,
  ) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    if (this.reflector.getAllAndOverride<boolean>('open', [context.getHandler(), context.getClass()])) return true;
    const request = context.switchToHttp().getRequest<SessionRequest>();
    const signedIn = await this.people.whoIs(sessionToken(request), steadyNow());
    if (!signedIn)
      throw new UnauthorizedException({
        code: 'signed-out',
        message: 'You are signed out. Sign in again; what you typed is kept on this page.',
      });
    const said = this.reflector.getAllAndOverride<Role[] | undefined>(rolesKey, [
      context.getHandler(),
      context.getClass(),
    ]);
    if (!rolesFor(said, request.method).includes(signedIn.person.role))
      throw new ForbiddenException({
        code: 'not-allowed',
        message: 'This is not yours to do or to see. Nothing was written; the owner of the firm can change your part.',
      });
    if (
      needsSecond(signedIn) &&
      !this.reflector.getAllAndOverride<boolean>('before-second', [context.getHandler(), context.getClass()])
    )
      throw new ForbiddenException({
        code: 'second-needed',
        message:
          'Your firm asks its owners for a second lock. Set yours up first, on the page of your password and devices.',
      });
    request.signedIn = signedIn;
    return true;
  }
}

/** Who sends this request. */
export const Sender = createParamDecorator((_data: unknown, context: ExecutionContext): Who => {
  const { signedIn, sentWrite } = context.switchToHttp().getRequest<SessionRequest>();
  const { person } = signedIn!;
  return { firmId: person.firmId, personId: person.id, name: person.name, now: new Date(), write: sentWrite ?? null };
});
