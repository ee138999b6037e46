import { Controller, Get, Res } from '@nestjs/common';
import { ApiResponse, ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { DataSource } from 'typeorm';
import { described } from '../http/describe.ts';
import { Open } from '../people/session.ts';
import { Answers } from '../answers/answer.ts';
import { healthAnswer } from '../answers/firm.ts';

@ApiTags('health')
@Controller('api/health')
export class HealthController {
  constructor(private readonly database: DataSource) {}

  @ApiResponse({ status: 503, description: 'the database is away', schema: described(healthAnswer) as never })
  @Answers('health', healthAnswer)
  @Get()
  @Open()
  async health(@Res({ passthrough: true }) response: Response): Promise<{ process: 'up'; database: 'up' | 'away' }> {
    const up = await this.database.query('SELECT 1').then(
      () => true,
      () => false,
    );
    if (!up) response.status(503);
    return { process: 'up', database: up ? 'up' : 'away' };
  }
}
