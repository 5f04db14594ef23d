import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import vuetify from 'vite-plugin-vuetify'
import { defineConfig } from 'vite'

export default defineConfig({
  plugins: [vue(), vuetify({ autoImport: true })],
  resolve: { alias: { '@': fileURLToPath(new URL('./src', import.meta.url)) } },
  build: { outDir: 'target/classes/static', emptyOutDir: true },
  // As if from its own page: the server changes nothing for others.
  server: {
    proxy: {
      '/api': { target: 'http://127.0.0.1:8417', changeOrigin: true, headers: { origin: 'http://127.0.0.1:8417' } },
    },
  },
})
