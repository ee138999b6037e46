import { Module } from '@nestjs/common';
import { BackupsController } from './backups.controller.ts';

/** What is known of backups; they are made by the start command. */
@Module({ controllers: [BackupsController] })
export class BackupsModule {}
