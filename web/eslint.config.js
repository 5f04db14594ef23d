import { readFileSync } from 'node:fs'
import vue from 'eslint-plugin-vue'
import access from 'eslint-plugin-vuejs-accessibility'
import ts from 'typescript-eslint'
import vueParser from 'vue-eslint-parser'

/** Each room with those it may use, from the one map that the tests of core and server read, too. */
const rooms = {}
for (const line of readFileSync(new URL('../rooms.txt', import.meta.url), 'utf8').split('\n')) {
  const [, room, used] = /^(?:\+ )?([a-z]+):(.*)$/.exec(line) ?? []
  if (room) (rooms[room] ??= []).push(...used.split(' ').filter(Boolean))
}
const above = (room) => rooms[room].flatMap((one) => [one, ...above(one)])

function onlyUpward(room, allowed) {
  const forbidden = Object.keys(rooms).filter((other) => other !== room && !allowed.includes(other))
  return {
    files: [`src/${room}/**`],
    rules: {
      'no-restricted-imports': [
        'error',
        {
          patterns: [
            {
              group: forbidden.flatMap((other) => [`@/${other}/*`, `../${other}/*`]),
              message: `The room "${room}" uses only the rooms above it.`,
            },
          ],
        },
      ],
    },
  }
}

/** What serves every room knows none of them; the router alone, which opens their doors, does. */
function knowsNoRoom(folder) {
  return { ...onlyUpward(folder, []), files: [`src/${folder}/**`], ignores: ['src/shell/router.ts'] }
}

/** Looked at with their types: that takes minutes, and is done where nobody waits for it. */
const typed = process.env.CI ? ['**/*.ts', '**/*.vue'] : ['nothing']

export default [
  { ignores: ['src/api/schema.d.ts', 'src/api/choices.ts', 'src/api/facts.ts'] },
  ...ts.configs.recommended,
  ...ts.configs.recommendedTypeCheckedOnly.map((rules) => ({ ...rules, files: typed })),
  ...vue.configs['flat/essential'],
  ...access.configs['flat/recommended'],
  {
    files: typed,
    languageOptions: { parserOptions: { project: './tsconfig.json', extraFileExtensions: ['.vue'] } },
  },
  {
    files: ['**/*.vue'],
    languageOptions: { parser: vueParser, parserOptions: { parser: ts.parser } },
  },
  {
    rules: {
      // What a composable gives away uses no "this".
      '@typescript-eslint/unbound-method': 'off',
      // Either way a label belongs to its field.
      'vuejs-accessibility/label-has-for': ['error', { required: { some: ['nesting', 'id'] } }],
    },
  },
  ...Object.keys(rooms).map((room) => onlyUpward(room, above(room))),
  ...['shell', 'api', 'bodymap'].map(knowsNoRoom),
]
