import { ConflictException, Injectable } from '@nestjs/common';
import { DataSource, In } from 'typeorm';
import { FirmEntity, PersonEntity, SessionEntity } from '../record/firmEntities.ts';
import { PhotoEntity } from '../record/evidenceEntities.ts';
import { PhotoStore } from '../record/photos/photoStore.ts';
import { ENTITIES } from '../record/tables.ts';
import type { Who } from '../record/firmScope.ts';
import { People, type Session } from '../people/people.service.ts';
import { steadyNow } from '../people/steadyClock.ts';
import { Demo } from './demo.ts';

/** The demo as a firm of its own, lent to somebody of another firm: looked round in, left, thrown away. */
@Injectable()
export class DemoFirms {
  constructor(
    private readonly database: DataSource,
    private readonly demo: Demo,
    private readonly people: People,
    private readonly photos: PhotoStore,
  ) {}

  /** Goes into the demo that is lent to this person; it is laid out first where there is none. */
  async enter({ firmId: ownId, personId, now }: Who): Promise<Session> {
    const { manager } = this.database;
    const { lentTo } = await manager.findOneByOrFail(FirmEntity, { id: ownId });
    if (lentTo !== null) throw new ConflictException({ code: 'in-demo', message: 'You are in the demo already. Nothing was laid out.' });
    const lent = await manager.findOneBy(FirmEntity, { lentTo: personId });
    const firmId = lent?.id ?? (await this.demo.lend(personId, now));
    const owner = await manager.findOneByOrFail(PersonEntity, { firmId, role: 'owner' });
    return this.people.open(manager, owner.id, steadyNow());
  }

  /** Goes back to one's own firm, and throws the demo away where that is asked. */
  async leave({ firmId }: Who, throwAway: boolean): Promise<Session> {
    const { manager } = this.database;
    const { lentTo } = await manager.findOneByOrFail(FirmEntity, { id: firmId });
    if (lentTo === null)
      throw new ConflictException({
        code: 'own-firm',
        message: 'This is no demo that was lent to you. Nothing was thrown away.',
      });
    const session = await this.people.open(manager, lentTo, steadyNow());
    if (throwAway) await this.throwAway(firmId);
    return session;
  }

  private async throwAway(firmId: string): Promise<void> {
    const photos = await this.database.manager.find(PhotoEntity, { select: { hash: true }, where: { firmId } });
    await this.database.transaction(async (manager) => {
      const people = await manager.findBy(PersonEntity, { firmId });
      await manager.delete(SessionEntity, { personId: In(people.map((p) => p.id)) });
      for (const entity of ENTITIES) {
        const { propertiesMap } = manager.connection.getMetadata(entity);
        if ('firmId' in propertiesMap) await manager.delete(entity, { firmId } as never);
      }
      await manager.delete(FirmEntity, { id: firmId });
    });
    await this.photos.letGo(
      firmId,
      photos.map(({ hash }) => hash),
    );
  }
}
