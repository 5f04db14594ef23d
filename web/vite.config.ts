import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import tailwindcss from '@tailwindcss/vite'
import vue from '@vitejs/plugin-vue'
import license from 'rollup-plugin-license'
import vuetify from 'vite-plugin-vuetify'
import { defineConfig } from 'vitest/config'

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url))

/** A font is no module: its licence is added by hand. */
const FONTS = ['@fontsource/atkinson-hyperlegible', '@fontsource/bitter']
const notice = (name: string) =>
  `Name: ${name}\nLicense Text:\n\n${readFileSync(at(`./node_modules/${name}/LICENSE`), 'utf8')}`

/** What today needs, and nothing that comes later, in one file: each further one is a way to the server more. */
const FIRST = [at('./src/main.ts'), at('./src/home/HomePage.vue')]
const seen = new Set<string>()
type Modules = { getModuleInfo(id: string): { importedIds: readonly string[] } | null }
function neededFirst(id: string, modules: Modules): boolean {
  const see = (one: string) => {
    if (seen.has(one)) return
    seen.add(one)
    modules.getModuleInfo(one)?.importedIds.forEach(see)
  }
  FIRST.forEach(see)
  return seen.has(id)
}

export default defineConfig({
  plugins: [
    vue(),
    tailwindcss(),
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
  // Nothing here is written with options.
  define: { __VUE_OPTIONS_API__: false },
  build: {
    outDir: 'target/classes/static',
    emptyOutDir: true,
    rolldownOptions: {
      output: {
        codeSplitting: { groups: [{ name: (id, modules) => (neededFirst(id, modules) ? 'today' : null) }] },
      },
    },
  },
  // As if from its own page: the server changes nothing for others.
  server: {
    // The guide stands beside the code.
    fs: { allow: ['..'] },
    proxy: {
      '/api': { target: 'http://127.0.0.1:8417', changeOrigin: true, headers: { origin: 'http://127.0.0.1:8417' } },
    },
  },
})
