import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import vuetify from 'vite-plugin-vuetify'
import { defineConfig } from 'vitest/config'

export default defineConfig({
  plugins: [vue(), vuetify({ autoImport: true })],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  // No test is timed: a busy machine takes as long as it takes.
  test: { testTimeout: 120_000, hookTimeout: 120_000 },
  build: { outDir: 'target/classes/static', emptyOutDir: true },
  // As if from its own page: the server changes nothing for others.
  server: {
    proxy: {
      '/api': { target: 'http://127.0.0.1:8417', changeOrigin: true, headers: { origin: 'http://127.0.0.1:8417' } },
    },
  },
})
