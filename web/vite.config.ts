import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';

export default defineConfig({
  // A line break between two words is a space, as in HTML; the compiler's default would glue them together.
  plugins: [vue({ template: { compilerOptions: { whitespace: 'preserve' } } })],
  define: {
    __VUE_OPTIONS_API__: 'true',
    __VUE_PROD_DEVTOOLS__: 'false',
    __INTLIFY_PROD_DEVTOOLS__: 'false',
    __VUE_I18N_LEGACY_API__: 'false',
    __VUE_I18N_FULL_INSTALL__: 'false',
  },
  server: {
    host: '127.0.0.1',
    strictPort: true,
    proxy: {
      '/api': { target: process.env['EMBERFIELD_API'] ?? 'http://127.0.0.1:4170', changeOrigin: true, headers: {} },
    },
  },
  build: { target: 'es2022', chunkSizeWarningLimit: 900, modulePreload: { polyfill: false } },
});
