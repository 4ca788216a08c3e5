import tailwindcss from '@tailwindcss/vite'
import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [vue(), tailwindcss()],
  base: '/build/',
  publicDir: 'web/static',
  build: {
    outDir: 'public/build',
    emptyOutDir: true,
    manifest: true,
    assetsInlineLimit: 0,
    rollupOptions: { input: 'web/src/main.ts' },
  },
  test: { environment: 'happy-dom', include: ['web/tests/**/*.test.ts'], mockReset: true },
})
