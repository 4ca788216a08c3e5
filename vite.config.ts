import tailwindcss from '@tailwindcss/vite'
import vue from '@vitejs/plugin-vue'
import { VitePWA } from 'vite-plugin-pwa'
import { defineConfig } from 'vitest/config'
import { smallerFonts } from './web/build/fonts'
import { wordsInTwo } from './web/build/words'

await smallerFonts()

export default defineConfig({
  plugins: [
    vue(),
    tailwindcss(),
    wordsInTwo(),
    // The page itself, for when it is loaded while the workshop's computer is away. Otherwise it is asked for first: an old one never comes before a newer.
    VitePWA({
      strategies: 'generateSW',
      registerType: 'autoUpdate',
      injectRegister: false,
      manifest: false,
      scope: '/',
      workbox: {
        globPatterns: ['**/*.{js,css,svg,woff2}'],
        globIgnores: ['sw.js'],
        inlineWorkboxRuntime: true,
        cleanupOutdatedCaches: true,
        clientsClaim: true,
        skipWaiting: true,
        navigateFallback: null,
        runtimeCaching: [{
          urlPattern: ({ request, url }) => request.mode === 'navigate' && !/^\/(api|build|calendar)\//.test(url.pathname),
          handler: 'NetworkFirst',
          options: {
            cacheName: 'kindheel-page',
            networkTimeoutSeconds: 8,
            plugins: [{
              // Every screen lives in the same page.
              cacheKeyWillBeUsed: () => Promise.resolve('/'),
              // A server whose application is away is as good as none.
              fetchDidSucceed: ({ response }) => (response.status >= 500 ? Promise.reject(new Error('away')) : Promise.resolve(response)),
            }],
          },
        }],
      },
    }),
  ],
  // Ways of writing that nothing here uses are left out.
  define: {
    __VUE_OPTIONS_API__: false, __VUE_PROD_DEVTOOLS__: false, __VUE_PROD_HYDRATION_MISMATCH_DETAILS__: false,
  },
  base: '/build/',
  publicDir: 'web/static',
  build: {
    outDir: 'public/build',
    emptyOutDir: true,
    manifest: true,
    assetsInlineLimit: 0,
    rollupOptions: { input: 'web/src/main.ts' },
  },
  // A minute for each: machines that others use are slow at times, and no test is about seconds.
  test: { environment: 'happy-dom', include: ['web/tests/**/*.test.ts'], setupFiles: ['web/tests/allWords.ts'], mockReset: true, testTimeout: 60_000 },
})
