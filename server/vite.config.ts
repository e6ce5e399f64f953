import { defineConfig } from 'vite';

/** The server as one file: what it is made of is read once, not as some thousand files at every start. */
export default defineConfig({
  ssr: { noExternal: true, external: ['pg-native'] },
  build: { rollupOptions: { external: ['pg-native'] } },
});
