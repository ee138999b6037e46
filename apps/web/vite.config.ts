import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { build, defineConfig, type Plugin } from 'vite';

const DIST = join(import.meta.dirname, 'dist');

/** Large and seldom wanted: the lists by which a new password is judged, and the solver that proves many rounds. */
const SELDOM = /^(password|highs)/;

/** Every built file that a page needs, with a revision where its name does not carry one. */
function builtFiles(): { url: string; revision: string | null }[] {
  const revision = (file: string) => createHash('sha256').update(readFileSync(file)).digest('hex').slice(0, 16);
  const assets = readdirSync(join(DIST, 'assets'))
    .filter((name) => !SELDOM.test(name))
    .map((name) => ({ url: `/assets/${name}`, revision: null }));
  const others = ['index.html', 'mark.svg', 'manifest.webmanifest', 'mark-192.png', 'mark-512.png'];
  return [...assets, ...others.map((name) => ({ url: `/${name}`, revision: revision(join(DIST, name)) }))];
}

/** Once the pages are built, the service worker is built with the list of their files. */
const serviceWorker = (): Plugin => ({
  name: 'service-worker',
  apply: 'build',
  async closeBundle() {
    await build({
      configFile: false,
      logLevel: 'warn',
      publicDir: false,
      define: { __PRECACHE__: JSON.stringify(builtFiles()), 'process.env.NODE_ENV': '"production"' },
      build: {
        outDir: DIST,
        emptyOutDir: false,
        target: 'es2022',
        lib: {
          entry: join(import.meta.dirname, 'sw/serviceWorker.ts'),
          formats: ['iife'],
          name: 'serviceWorker',
          fileName: () => 'sw.js',
        },
      },
    });
  },
});

export default defineConfig({
  plugins: [react(), tailwindcss(), serviceWorker()],
  resolve: { conditions: ['source', 'module', 'browser', 'import', 'default'] },
  // A worker may fetch a part of its own later.
  worker: { format: 'es' },
  build: {
    target: 'es2022',
    sourcemap: false,
    assetsInlineLimit: 0,
    rolldownOptions: {
      output: {
        codeSplitting: { groups: [{ name: 'passwordLists', test: /@zxcvbn-ts\/language/ }] },
      },
    },
  },
  server: { port: 4601, proxy: { '/api': { target: 'http://127.0.0.1:4600', changeOrigin: false } } },
});
