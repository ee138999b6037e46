import { ROLES, type Role } from '@rustic/core';
import { SetMetadata } from '@nestjs/common';

/**
 * Who may do what. Reading is for everybody of the firm, with prices for those who make them; writing is for those
 * who make quotes and plans, unless a handler says that painters write it on site, or everybody for themselves.
 */
const FOR = 'for-roles';
const MAKERS: readonly Role[] = ['owner', 'estimator'];
const HANDS: readonly Role[] = ['owner', 'estimator', 'painter'];

/** Only the owner of the firm: its people, its rules, its prices. */
export const ForOwners = () => SetMetadata(FOR, ['owner'] satisfies Role[]);
/** Those who make prices, quotes and plans. */
export const ForMakers = () => SetMetadata(FOR, MAKERS);
/** Everybody who works on site: what is tested, read, laid and found. */
export const ForHands = () => SetMetadata(FOR, HANDS);
/** Everybody, for what is their own: their password, their calendar. */
export const ForEverybody = () => SetMetadata(FOR, ROLES);
/** Everything that is read but for prices is open to all; those who only look see prices too, as a bookkeeper does. */
export const ForPriceReaders = () => SetMetadata(FOR, ['owner', 'estimator', 'read-only'] satisfies Role[]);

const SAFE = ['GET', 'HEAD', 'OPTIONS'];

/** What a handler asks for, by its own word or by what it does. */
export function rolesFor(said: readonly Role[] | undefined, method: string): readonly Role[] {
  return said ?? (SAFE.includes(method) ? ROLES : MAKERS);
}

export const rolesKey = FOR;

/** A painter is told what to do, not what it costs. */
export const seesPrices = (role: Role) => role !== 'painter';
