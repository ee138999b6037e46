import { Body, Controller, Delete, Get, HttpCode, Patch, Post, Req, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { houseRulesSchema, readBy } from '@rustic/core';
import { IsInt, IsObject, IsString, IsUUID, MaxLength, Min, MinLength } from 'class-validator';
import type { CookieOptions, Response } from 'express';
import { FirmEntity } from '../database/entities.ts';
import type { Who } from '../database/firmScope.ts';
import { editedElsewhere } from '../http/conflict.ts';
import { Writes } from '../writes/writes.service.ts';
import { People } from './people.service.ts';
import { COOKIE, Open, Sender, type SessionRequest } from './session.ts';

class SignInBody {
  @IsString() @MinLength(3) @MaxLength(160) email: string;
  @IsString() @MinLength(1) @MaxLength(200) password: string;
}

class FirmChange {
  @IsUUID() id: string;
  @IsInt() @Min(1) version: number;
  @IsObject() houseRules: Record<string, string>;
}

@ApiTags('people')
@Controller('api')
export class PeopleController {
  constructor(
    private readonly people: People,
    private readonly writes: Writes,
  ) {}

  @Post('session')
  @Open()
  @HttpCode(200)
  async signIn(
    @Body() body: SignInBody,
    @Req() request: SessionRequest,
    @Res({ passthrough: true }) response: Response,
  ): Promise<unknown> {
    const { token, expiresAt } = await this.people.signIn(body.email, body.password, new Date());
    response.cookie(COOKIE, token, { ...cookie(request), expires: expiresAt });
    return shown(await this.people.whoIs(token, new Date()));
  }

  @Get('session')
  who(@Req() request: SessionRequest): unknown {
    return shown(request.signedIn!);
  }

  @Delete('session')
  @Open()
  @HttpCode(204)
  async signOut(@Req() request: SessionRequest, @Res({ passthrough: true }) response: Response): Promise<void> {
    const token = (request.cookies as Record<string, unknown> | undefined)?.[COOKIE];
    await this.people.signOut(typeof token === 'string' ? token : undefined);
    response.clearCookie(COOKIE, cookie(request));
  }

  @Patch('firm')
  async changeFirm(@Body() body: FirmChange, @Sender() who: Who): Promise<unknown> {
    const houseRules = readBy(houseRulesSchema, body.houseRules);
    return this.writes.once(who, body.id, body, async ({ manager }) => {
      const firm = (await manager.findOneBy(FirmEntity, { id: who.firmId }))!;
      if (firm.version !== body.version) throw editedElsewhere(body, firm);
      return manager.save(FirmEntity, { ...firm, houseRules });
    });
  }
}

const cookie = (request: SessionRequest): CookieOptions => ({
  httpOnly: true,
  sameSite: 'strict',
  secure: request.secure,
  path: '/',
});

function shown(signedIn: Awaited<ReturnType<People['whoIs']>>): unknown {
  const { person, firm } = signedIn!;
  return { person: { id: person.id, name: person.name, initials: person.initials, role: person.role }, firm };
}
