import { Module } from '@nestjs/common';
import { Access } from './access.ts';
import { Locks } from './locks.ts';
import { LocksController } from './locks.controller.ts';
import { Passkeys } from './passkeys.ts';
import { PeopleController } from './people.controller.ts';
import { People } from './people.service.ts';
import { StaffController } from './staff.controller.ts';
import { Staff } from './staff.ts';
import { Tries } from './tries.ts';

@Module({
  controllers: [PeopleController, StaffController, LocksController],
  providers: [Access, Locks, Passkeys, People, Staff, Tries],
  exports: [Access, People, Tries],
})
export class PeopleModule {}
