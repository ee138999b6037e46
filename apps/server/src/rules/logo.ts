import { Controller, Get, Put, Query, Req } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import { newId, version } from '@rustic/core';
import { Answers, Sent } from '../answers/answer.ts';
import { logoAnswer } from '../answers/firm.ts';
import { queryOf } from '../http/bodyOf.ts';
import { madeAnew, noPicture } from '../http/picture.ts';
import { ForOwners } from '../people/roles.ts';
import { Sender } from '../people/session.ts';
import type { Who } from '../record/firmScope.ts';
import { Writes } from '../record/writes.service.ts';

/** A logo as it is printed is a few centimetres wide. */
const WIDEST_PX = 600;
const HIGHEST_PX = 200;
/** So much may a logo take on every paper: more is drawn smaller. */
const MOST_BYTES = 90_000;

export class LogoQuery extends queryOf({ id: newId, version }) {}

/** The picture as papers carry it, in a data address: small, made anew, nothing but the picture. */
const asLogo = (sent: Buffer) =>
  madeAnew(sent, async (image) => {
    for (const share of [1, 0.5, 0.25]) {
      const box = { width: WIDEST_PX * share, height: HIGHEST_PX * share };
      const fitted = image.clone().resize({ ...box, fit: 'inside', withoutEnlargement: true });
      const png = await fitted.png({ palette: true, compressionLevel: 9 }).toBuffer();
      if (png.length <= MOST_BYTES) return `data:image/png;base64,${png.toString('base64')}`;
    }
    throw noPicture();
  });

/** A firm's own picture on its papers. */
@ApiTags('rules')
@Controller('api/firm/logo')
export class LogoController {
  constructor(private readonly writes: Writes) {}

  @Answers('firmLogo', logoAnswer)
  @Get()
  async logo(@Sender() who: Who) {
    const scope = this.writes.reading(who);
    const [logo, firm] = await Promise.all([scope.logo(), scope.firm()]);
    return { logo, version: firm.version };
  }

  @ForOwners()
  @Sent()
  @Answers('setLogo', logoAnswer)
  @Put()
  async set(@Sender() who: Who, @Query() yours: LogoQuery, @Req() { body }: { body: unknown }) {
    if (!Buffer.isBuffer(body) || body.length === 0) throw noPicture();
    const logo = await asLogo(body);
    return this.writes.run(who, async (scope) => {
      const { version: now } = await scope.changeFirm(yours, { logo });
      return { logo, version: now };
    });
  }
}
