import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, normalize, relative } from 'node:path';
import { describe, expect, test } from '@jest/globals';
import { ROOT } from '../run.mjs';

/** Every import of one file by another below a folder, as pairs of their first folders; files of the root count as themselves. */
function importsBetweenFolders(root) {
  const files = readdirSync(root, { recursive: true }).filter((f) => /\.tsx?$/.test(f));
  const folderOf = (file) => (file.includes('/') ? file.slice(0, file.indexOf('/')) : file);
  const pairs = new Map();
  for (const file of files) {
    const text = readFileSync(join(root, file), 'utf8');
    for (const [, named, inline] of text.matchAll(/from '(\.[^']+)'|import\('(\.[^']+)'\)/g)) {
      const target = relative(root, normalize(join(root, dirname(file), named ?? inline)));
      const [from, to] = [folderOf(file), folderOf(target)];
      if (from !== to) pairs.set(`${from} → ${to}`, [...(pairs.get(`${from} → ${to}`) ?? []), `${file} → ${target}`]);
    }
  }
  return pairs;
}

/** One ring of folders, as the imports that close it; none where every folder stands on others and none on itself. */
function ringIn(pairs) {
  const next = new Map();
  for (const pair of pairs.keys()) {
    const [from, to] = pair.split(' → ');
    next.set(from, [...(next.get(from) ?? []), to]);
  }
  const state = new Map();
  const walk = (folder, path) => {
    if (state.get(folder) === 'left') return null;
    if (path.includes(folder)) return [...path.slice(path.indexOf(folder)), folder];
    for (const to of next.get(folder) ?? []) {
      const ring = walk(to, [...path, folder]);
      if (ring) return ring;
    }
    state.set(folder, 'left');
    return null;
  };
  for (const folder of next.keys()) {
    const ring = walk(folder, []);
    if (ring) return ring.slice(1).map((to, i) => pairs.get(`${ring[i]} → ${to}`)[0]);
  }
  return [];
}

describe('how the house is built', () => {
  test.each(['packages/core/src', 'apps/server/src', 'apps/web/src'])('no folder of %s is part of a ring', (root) => {
    const pairs = importsBetweenFolders(join(ROOT, root));
    expect(pairs.size).toBeGreaterThan(20);
    expect(ringIn(pairs)).toEqual([]);
  });

  test('a ring is found, and told by the imports that close it', () => {
    const pairs = new Map([
      ['a → b', ['a/x.ts → b/y.ts']],
      ['b → c', ['b/y.ts → c/z.ts']],
      ['c → b', ['c/z.ts → b/w.ts']],
    ]);
    expect(ringIn(pairs)).toEqual(['b/y.ts → c/z.ts', 'c/z.ts → b/w.ts']);
    pairs.delete('c → b');
    expect(ringIn(pairs)).toEqual([]);
  });

  test('the pages know the store, and the store knows no page', () => {
    const pairs = importsBetweenFolders(join(ROOT, 'apps/web/src'));
    const known = [...pairs.keys()].filter((p) => p.startsWith('store → ')).map((p) => p.slice('store → '.length));
    expect(known.sort()).toEqual(['clock', 'outbox']);
  });

  test('the record of the server stands on itself and the door, and each capability is a module', () => {
    const root = join(ROOT, 'apps/server/src');
    const pairs = importsBetweenFolders(root);
    const known = [...pairs.keys()].filter((p) => p.startsWith('record → ')).map((p) => p.slice('record → '.length));
    expect(known).toEqual(['http']);
    const beside = ['answers', 'edge', 'http', 'reading', 'threads'];
    const folders = readdirSync(root, { withFileTypes: true }).filter(
      (e) => e.isDirectory() && !beside.includes(e.name),
    );
    for (const { name } of folders) expect(readdirSync(join(root, name))).toContain(`${name}.module.ts`);
  });
});
