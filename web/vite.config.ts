import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import vue from '@vitejs/plugin-vue'
import license from 'rollup-plugin-license'
import vuetify from 'vite-plugin-vuetify'
import { defineConfig } from 'vitest/config'

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url))

/** A font is no module: its licence is added by hand. */
const FONTS = ['@fontsource/atkinson-hyperlegible', '@fontsource/bitter']
const notice = (name: string) =>
  `Name: ${name}\nLicense Text:\n\n${readFileSync(at(`./node_modules/${name}/LICENSE`), 'utf8')}`

export default defineConfig({
  plugins: [
    vue(),
    vuetify({ autoImport: true }),
    // What is bundled of others, and under which licence, with its text: one touch away in the settings.
    license({
      thirdParty: {
        includePrivate: false,
        output: {
          file: at('./target/classes/static/notices-web.txt'),
          template: (bundled) => [...bundled.map((one) => one.text()), ...FONTS.map(notice)].join('\n\n---\n\n'),
        },
      },
    }),
  ],
  resolve: { alias: { '@': at('./src') } },
  // No test is timed: a busy machine takes as long as it takes.
  test: {
    testTimeout: 120_000,
    hookTimeout: 120_000,
    server: { deps: { inline: ['vuetify'] } },
    // What is imported is made once for all.
    pool: 'threads',
    isolate: false,
  },
  build: { outDir: 'target/classes/static', emptyOutDir: true },
  // As if from its own page: the server changes nothing for others.
  server: {
    proxy: {
      '/api': { target: 'http://127.0.0.1:8417', changeOrigin: true, headers: { origin: 'http://127.0.0.1:8417' } },
    },
  },
})
