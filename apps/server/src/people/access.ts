import { Injectable } from '@nestjs/common';
import type { EntityManager } from 'typeorm';
import { v7 as uuid } from 'uuid';
import { type AccessKind, AccessNoteEntity } from '../record/peopleEntities.ts';
import type { FirmScope } from '../record/firmScope.ts';

/** What is noted of a way into the record. */
export interface Noted {
  firmId: string;
  personId: string | null;
  kind: AccessKind;
  detail?: string;
  byName: string;
  at: Date;
}

const SHOWN = 300;

/** Who came in, who was let in, who was kept out: noted as it happens, shown to the owner. */
@Injectable()
export class Access {
  async note(manager: EntityManager, { detail = '', ...noted }: Noted): Promise<void> {
    await manager.insert(AccessNoteEntity, { id: uuid(), detail: detail.slice(0, 300), ...noted });
  }

  async newest(scope: FirmScope): Promise<AccessNoteEntity[]> {
    return scope.manager.find(AccessNoteEntity, {
      where: { firmId: scope.who.firmId },
      order: { at: 'DESC', id: 'DESC' },
      take: SHOWN,
    });
  }
}
