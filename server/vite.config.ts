import { defineConfig } from 'vite';

/**
 * The server bundled: what it is made of is read once, not as some thousand files at every start. Beside the program stands
 * the function that starts it within another process.
 */
export default defineConfig({
  ssr: { noExternal: true, external: ['pg-native'] },
  build: {
    rollupOptions: {
      input: { main: 'server/src/main.ts', inProcess: 'server/src/inProcess.ts' },
      external: ['pg-native'],
      // All in one folder: the server finds the rules by its own place.
      output: { chunkFileNames: '[name].js' },
    },
  },
});
