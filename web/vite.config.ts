import vue from '@vitejs/plugin-vue';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';
import { PALETTES, paletteCss } from './src/platform/palette.ts';

export default defineConfig({
  // A line break between two words is a space, as in HTML; the compiler's default would glue them together.
  plugins: [
    vue({ template: { compilerOptions: { whitespace: 'preserve' } } }),
    // The colours stand in the page itself: they are there before anything is drawn.
    {
      name: 'palette',
      transformIndexHtml: () => [
        { tag: 'style', children: paletteCss(), injectTo: 'head-prepend' as const },
        ...(['light', 'dark'] as const).map((scheme) => ({
          tag: 'meta',
          attrs: {
            name: 'theme-color',
            media: `(prefers-color-scheme: ${scheme})`,
            content: PALETTES[scheme === 'dark' ? 'night' : 'day'].paper,
          },
          injectTo: 'head' as const,
        })),
      ],
    },
    // The pages themselves, for where there is no signal. Answers of the server are kept by the application, not here.
    VitePWA({
      registerType: 'prompt',
      injectRegister: null,
      includeAssets: ['coal.svg', 'light.js'],
      manifest: {
        name: 'Emberfield',
        short_name: 'Emberfield',
        description: 'Known plant patches through the seasons',
        start_url: '/hearth',
        display: 'standalone',
        background_color: PALETTES.day.paper,
        theme_color: PALETTES.day.paper,
        icons: [
          { src: '/coal.svg', sizes: 'any', type: 'image/svg+xml', purpose: 'any' },
          { src: '/icon-192.png', sizes: '192x192', type: 'image/png', purpose: 'any' },
          { src: '/icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'any' },
          { src: '/icon-maskable.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
        ],
      },
      workbox: {
        globPatterns: ['**/*.{js,css,html,svg,woff2,wasm}'],
        // The solver of the season's plan is as large as all else together: it comes when it is first asked, and then stays.
        globIgnores: ['**/highs-*.wasm'],
        runtimeCaching: [
          {
            urlPattern: /\/assets\/highs-[^/]*\.wasm$/,
            handler: 'CacheFirst',
            options: { cacheName: 'solver', expiration: { maxEntries: 1 } },
          },
        ],
        navigateFallback: '/index.html',
        navigateFallbackDenylist: [/^\/api\//],
        cleanupOutdatedCaches: true,
      },
    }),
  ],
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
