import { createHash } from 'node:crypto';

/** A number from 0 to 1 that a firm and a cluster always have together, and that looks like any other. */
const together = (firmId, cluster) =>
  createHash('sha256').update(`${cluster} ${firmId}`).digest().readUIntBE(0, 6) / 2 ** 48;

/**
 * The cluster that a firm is on: of all, the one that has the largest number with it. A cluster more takes an equal part
 * from each of the others, and moves nobody between those. A heavier cluster takes more.
 */
export function placeOf(firmId, clusters) {
  const score = ({ name, weight = 1 }) => -weight / Math.log(together(firmId, name));
  return clusters.reduce((best, one) => (score(one) > score(best) ? one : best)).name;
}
