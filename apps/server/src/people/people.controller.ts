import { Body, Controller, Delete, Get, HttpCode, Post, Req, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { CookieOptions, Response } from 'express';
import { People, type Session, type SignedIn } from './people.service.ts';
import { doorplateOf } from './passkeys.ts';
import { isClosed } from './secondLock.ts';
import { SignInBody } from './staff.dto.ts';
import { steadyNow } from './steadyClock.ts';
import { BeforeSecond, cookieName, Open, needsSecond, sessionToken, type SessionRequest } from './session.ts';
import { Answers, nothing } from '../answers/answer.ts';
import { sessionAnswer } from '../answers/firm.ts';

@ApiTags('people')
@Controller('api')
export class PeopleController {
  constructor(private readonly people: People) {}

  @Answers('signIn', sessionAnswer)
  @Post('session')
  @Open()
  @HttpCode(200)
  async signIn(
    @Body() body: SignInBody,
    @Req() request: SessionRequest,
    @Res({ passthrough: true }) response: Response,
  ) {
    const session = await this.people.signIn(body, request.ip ?? '', doorplateOf(request), steadyNow());
    return letIn(this.people, session, request, response);
  }

  @BeforeSecond()
  @Answers('session', sessionAnswer)
  @Get('session')
  who(@Req() request: SessionRequest) {
    return sessionShown(this.people, request.signedIn!);
  }

  @Answers('signOut', nothing)
  @Delete('session')
  @Open()
  @HttpCode(204)
  async signOut(@Req() request: SessionRequest, @Res({ passthrough: true }) response: Response): Promise<void> {
    await this.people.signOut(sessionToken(request), steadyNow());
    response.clearCookie(cookieName(request), cookie(request));
  }
}

/** Sets the cookie of a session that was opened, and tells the page who is there now. */
export async function letIn(people: People, session: Session, request: SessionRequest, response: Response) {
  const { token, expiresAt } = session;
  response.cookie(cookieName(request), token, { ...cookie(request), expires: expiresAt });
  return sessionShown(people, (await people.whoIs(token, steadyNow()))!);
}

/** How the session's cookie is set. */
const cookie = (request: SessionRequest): CookieOptions => ({
  httpOnly: true,
  sameSite: 'strict',
  secure: request.secure,
  path: '/',
});

/** What a page is told of who is there. */
async function sessionShown(people: People, signedIn: SignedIn) {
  const { person } = signedIn;
  const { id, name, initials, role } = person;
  return {
    person: {
      id,
      name,
      initials,
      role,
      hasSecond: isClosed(person.secondLock),
      needsSecond: needsSecond(signedIn),
    },
    firm: await people.firmOf(signedIn),
  };
}
