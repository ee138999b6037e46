import { Controller, Get, Res } from '@nestjs/common';
import { ApiResponse, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { DataSource } from 'typeorm';
import { described } from '../http/describe.ts';
import { Open } from '../people/session.ts';
import { Answers } from '../answers/answer.ts';
import { aliveAnswer, healthAnswer, readyAnswer } from '../answers/firm.ts';

/** A database that was set to be read alone says so; one that has lost the others of its cluster refuses to say. */
const CAN_WRITE = 'SELECT @@global.read_only AS isReadOnly';

@ApiTags('health')
@Controller('api')
export class HealthController {
  constructor(private readonly database: DataSource) {}

  @ApiResponse({ status: 503, description: 'the database is away', schema: described(healthAnswer) as never })
  @Answers('health', healthAnswer)
  @Get('health')
  @Open()
  async health(@Res({ passthrough: true }) response: Response): Promise<{ process: 'up'; database: 'up' | 'away' }> {
    const up = await this.database.query('SELECT 1').then(
      () => true,
      () => false,
    );
    if (!up) response.status(503);
    return { process: 'up', database: up ? 'up' : 'away' };
  }

  /** Whether the process lives, whatever its database does: what is asked by whoever would start it anew. */
  @Answers('alive', aliveAnswer)
  @Get('alive')
  @Open()
  alive(): { process: 'up' } {
    return { process: 'up' };
  }

  /** Whether people may be sent here: there is a node of the database, and it can write. */
  @ApiResponse({ status: 503, description: 'nothing can be written now', schema: described(readyAnswer) as never })
  @Answers('ready', readyAnswer)
  @Get('ready')
  @Open()
  async ready(@Res({ passthrough: true }) response: Response): Promise<{ ready: boolean }> {
    const ready = await this.database.query<{ isReadOnly: number }[]>(CAN_WRITE).then(
      ([row]) => Number(row?.isReadOnly) === 0,
      () => false,
    );
    if (!ready) response.status(503);
    return { ready };
  }
}
