import { drawn, firmsOf, loadOf } from './day.mjs';
import { placeOf } from './place.mjs';

const HOUR_MS = 3_600_000;
/**
 * A cluster: three database nodes and two servers of four processors each, used to the half in the busiest hour; each
 * node with a disk of which the rows of some years fill half. Photos lie elsewhere.
 */
export const CLUSTER = { nodes: 3, servers: 2, processors: 4, diskBytes: 2e12, years: 5, used: 0.5 };

const sum = (list, of) => list.reduce((all, one) => all + of(one), 0);

/** How much of a cluster some firms use, its processors in their busiest hour; every node works through every write. */
function usedBy(firms) {
  const { servers, processors, diskBytes, years } = CLUSTER;
  return {
    servers: sum(firms, (f) => f.load.serverMs) / (HOUR_MS * servers * processors),
    database: sum(firms, (f) => f.load.databaseMs) / (HOUR_MS * processors),
    disk: (years * sum(firms, (f) => f.load.rowBytes)) / diskBytes,
  };
}
const fullest = (firms) => Math.max(...Object.values(usedBy(firms)));

/** The firms of each cluster. */
function spread(firms, clusters) {
  const by = new Map(clusters.map(({ name }) => [name, []]));
  for (const firm of firms) by.get(placeOf(firm.id, clusters)).push(firm);
  return by;
}
const named = (n) => Array.from({ length: n }, (_, i) => ({ name: `cluster-${i + 1}` }));

/** As many clusters as so many firms need, how full the fullest is, and how many firms move when one is added. */
export function spreadOf(n, costs, seed = 1) {
  const firms = firmsOf(n, drawn(seed)).map((firm) => ({ ...firm, load: loadOf(firm, costs) }));
  let clusters = Math.max(1, Math.ceil(fullest(firms) / CLUSTER.used));
  const fullestOf = () => Math.max(...[...spread(firms, named(clusters)).values()].map(fullest));
  while (fullestOf() > CLUSTER.used) clusters++;
  const [before, after] = [named(clusters), named(clusters + 1)];
  return {
    firms: n,
    people: sum(firms, (f) => f.people),
    clusters,
    machines: clusters * (CLUSTER.nodes + CLUSTER.servers),
    fullest: fullestOf(),
    moved: firms.filter((f) => placeOf(f.id, before) !== placeOf(f.id, after)).length / n,
    writesASecond: sum(firms, (f) => f.load.writes) / 3600,
    rowGbAYear: sum(firms, (f) => f.load.rowBytes) / 1e9,
    photoTbAYear: sum(firms, (f) => f.load.photoBytes) / 1e12,
  };
}
