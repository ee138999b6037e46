import type { Supplier } from '../model/records/firm.ts';
import { WEEKDAYS } from '../vocabulary/index.ts';

/** Where tins without a maker and sundries are had, until the firm says where. */
const ANY_MERCHANT = 'The merchant';

/** Where sundries are had. */
export const merchantOf = (suppliers: readonly Supplier[]): string =>
  suppliers.find((s) => s.sundries)?.name ?? ANY_MERCHANT;

/** Where a maker's tins are had; a maker that nobody keeps is ordered. */
export const supplierOf = (maker: string, suppliers: readonly Supplier[]): string =>
  suppliers.find((s) => s.makers.includes(maker))?.name ?? (maker ? `${maker}, ordered` : merchantOf(suppliers));

/** When a supplier can be had from: its days, and by when to order; empty where the firm has not said. */
export function supplierTimes(name: string, suppliers: readonly Supplier[]): string {
  const supplier = suppliers.find((s) => s.name === name);
  if (!supplier) return '';
  const days = [...supplier.days].sort().map((day) => WEEKDAYS[day - 1]!);
  return [days.join(', '), supplier.orderBy ? `order by ${supplier.orderBy}` : ''].filter(Boolean).join('; ');
}
