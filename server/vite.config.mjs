// The server as it runs: plain JavaScript, once for itself and once for its worker threads. What npm brought stays where it is.
export default {
  build: {
    ssr: true,
    outDir: 'dist',
    target: 'node20',
    minify: false,
    rolldownOptions: {
      input: { main: 'src/main.ts', thread: 'src/workers/thread.ts' },
      output: { entryFileNames: '[name].mjs', chunkFileNames: '[name]-[hash].mjs' },
    },
  },
};
