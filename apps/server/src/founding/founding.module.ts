import { Module } from '@nestjs/common';
import { PeopleModule } from '../people/people.module.ts';
import { FoundingController } from './founding.controller.ts';
import { Founding } from './founding.service.ts';

@Module({ imports: [PeopleModule], controllers: [FoundingController], providers: [Founding] })
export class FoundingModule {}
