import { Controller, Get, Res } from '@nestjs/common';
import { ApiTags } from '@nestjs/swagger';
import type { Response } from 'express';
import { DataSource } from 'typeorm';
import { Open } from '../people/session.ts';
import { Answers } from '../answers/answer.ts';
import { healthAnswer } from '../answers/firm.ts';

@ApiTags('health')
@Controller('api/health')
export class HealthController {
  constructor(private readonly database: DataSource) {}

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
