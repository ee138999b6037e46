import { ForbiddenException, Injectable, NotFoundException } from '@nestjs/common';
import { priceLevel, USUAL_SETTINGS } from '@rustic/core';
import { DataSource, QueryFailedError } from 'typeorm';
import { v7 as uuid } from 'uuid';
import { FirmEntity, FoundingEntity, PersonEntity } from '../record/firmEntities.ts';
import { refusedWith } from '../http/refused.ts';
import { hashPassword, refuseWeak } from '../people/passwords.ts';
import { steadyNow } from '../people/steadyClock.ts';
import { People, type Session } from '../people/people.service.ts';
import type { FoundingBody } from './founding.dto.ts';
import { isFirstRunCode } from './firstRunCode.ts';

/** The row that only the first of all can insert. */
const FIRST = 'first';

const closed = () => new NotFoundException({ code: 'not-found', message: 'A firm is here already. Sign in to it.' });

type Founded = Omit<FoundingBody, 'code'>;

/** How a firm comes about: the first by the page that opens on an empty database, a further one by a command. */
@Injectable()
export class Founding {
  constructor(
    private readonly database: DataSource,
    private readonly people: People,
  ) {}

  /** Whether nobody founded a firm here yet. */
  async isOpen(): Promise<boolean> {
    const { manager } = this.database;
    return (await manager.count(FirmEntity)) === 0 && (await manager.count(FoundingEntity)) === 0;
  }

  /** Founds the first firm, once, and signs its owner in. */
  async first(body: FoundingBody, now: Date): Promise<Session> {
    if (!(await this.isOpen())) throw closed();
    if (!isFirstRunCode(body.code))
      throw new ForbiddenException({
        code: 'wrong-code',
        message: 'That is not the code that the start command printed. Nothing was written; look there again.',
      });
    await refuseWeakOwner(body);
    const rows = await rowsOf(body);
    try {
      await this.database.transaction(async (manager) => {
        await manager.insert(FoundingEntity, { id: FIRST, firmId: rows.firm.id, at: now });
        await manager.insert(FirmEntity, rows.firm as never);
        await manager.insert(PersonEntity, rows.owner as never);
      });
    } catch (error) {
      // Another founded in the same moment: its row stands, and this one is too late.
      if (error instanceof QueryFailedError && !(await this.isOpen())) throw closed();
      throw error;
    }
    return this.people.open(this.database.manager, rows.owner.id, steadyNow());
  }

  /** Founds one more firm on a server that has one. */
  async further(body: Founded): Promise<{ firmId: string; ownerId: string }> {
    const { manager } = this.database;
    if (await manager.findOneBy(PersonEntity, { email: eMailOf(body) }))
      throw refusedWith([{ path: 'owner.email', message: 'has an account already' }]);
    await refuseWeakOwner(body);
    const { firm, owner } = await rowsOf(body);
    await this.database.transaction(async (inside) => {
      await inside.insert(FirmEntity, firm as never);
      await inside.insert(PersonEntity, owner as never);
    });
    return { firmId: firm.id, ownerId: owner.id };
  }
}

const eMailOf = ({ owner }: Founded) => owner.email.trim().toLowerCase();
const initialsOf = (name: string) =>
  [...name.matchAll(/(?<=^|\s)\p{L}/gu)]
    .map(([letter]) => letter.toUpperCase())
    .slice(0, 4)
    .join('') || 'O';
/** The usual week, until the owner sets another. */
const WEEK = { days: [1, 2, 3, 4, 5], from: '08:00', to: '16:30' };

/** The owner's password stands where nobody else watches: it is looked at like every other. */
const refuseWeakOwner = ({ firm, owner }: Founded) =>
  refuseWeak(owner.password, [firm.name, owner.name, owner.email], 'owner.password');

/** The rows of a firm that begins: typical figures of each kind, at what such things cost in its currency. */
async function rowsOf({ id, firm, owner }: Founded) {
  const level = priceLevel(firm.currency);
  const { hourCost, equipmentPerVisit } = USUAL_SETTINGS;
  return {
    firm: {
      id,
      name: firm.name.trim(),
      timeZone: firm.timeZone,
      hemisphere: firm.hemisphere === 'south' ? 'southern' : 'northern',
      currency: firm.currency,
      houseRules: {},
      terms: { units: firm.units, ...(firm.units === 'us' ? { board: 'drywall' } : {}) },
      weights: {},
      pricing: {
        hourCost: Math.round(hourCost * level),
        equipmentPerVisit: Math.round(equipmentPerVisit * level),
        sundriesLevel: level,
        tax: Math.round(firm.taxPct * 100),
        taxName: firm.taxName.trim(),
        taxIncluded: firm.taxIncluded ?? false,
      },
      planning: {},
      retention: {},
      held: null,
      letterhead: { address: firm.address ?? '', phone: firm.phone ?? '', email: firm.email ?? '' },
      suppliers: [],
      logo: null,
      yard: null,
      shelfFrom: 'typical',
      lentTo: null,
    },
    owner: {
      id: uuid(),
      firmId: id,
      name: owner.name.trim(),
      initials: initialsOf(owner.name),
      email: eMailOf({ id, firm, owner }),
      passwordHash: await hashPassword(owner.password),
      role: 'owner',
      hours: WEEK,
      skills: [],
      leftAt: null,
    },
  } as const;
}
