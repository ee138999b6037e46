import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react(), tailwindcss()],
  resolve: { conditions: ['source', 'module', 'browser', 'import', 'default'] },
  build: { target: 'es2022', sourcemap: false, assetsInlineLimit: 0 },
  server: { port: 4601, proxy: { '/api': { target: 'http://127.0.0.1:4600', changeOrigin: false } } },
});
