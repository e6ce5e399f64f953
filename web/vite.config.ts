import tailwindcss from '@tailwindcss/vite';
import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';
import { compression } from 'vite-plugin-compression2';

import { narrowedFont } from './build/narrowedFont.ts';

export default defineConfig(async () => ({
  plugins: [
    react(),
    tailwindcss(),
    // Compressed once here, harder than could be done while somebody waits.
    compression({ include: /\.(?:js|css|html|svg)$/, threshold: 1000 }),
  ],
  resolve: { alias: { '@font': await narrowedFont() } },
  build: { target: 'es2022', sourcemap: false },
  server: { port: 4181, proxy: { '/api': 'http://127.0.0.1:4180' } },
}));
