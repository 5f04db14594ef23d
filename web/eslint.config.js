import vue from 'eslint-plugin-vue'
import ts from 'typescript-eslint'
import vueParser from 'vue-eslint-parser'

/** The rooms, top to bottom, with the rooms each may use; shell, api and bodymap serve all of them. */
const rooms = {
  dog: [],
  coat: ['dog'],
  kit: ['dog', 'coat'],
  trust: ['dog', 'coat', 'kit'],
  rhythm: ['dog', 'coat'],
  routine: ['dog', 'coat', 'kit', 'trust', 'rhythm'],
  session: ['dog', 'coat', 'kit', 'trust', 'rhythm', 'routine'],
  visit: ['dog', 'coat', 'kit', 'trust', 'rhythm', 'routine', 'session'],
  care: ['dog', 'coat', 'kit', 'trust', 'rhythm', 'routine', 'session', 'visit'],
  plan: ['dog', 'coat', 'trust', 'rhythm', 'routine', 'session', 'visit', 'care'],
}

function onlyUpward(room, allowed) {
  const forbidden = [...Object.keys(rooms).filter((other) => other !== room && !allowed.includes(other)), 'home']
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

export default [
  { ignores: ['src/api/schema.d.ts', 'src/api/choices.ts'] },
  ...ts.configs.recommended,
  ...vue.configs['flat/essential'],
  {
    files: ['**/*.vue'],
    languageOptions: { parser: vueParser, parserOptions: { parser: ts.parser } },
  },
  ...Object.entries(rooms).map(([room, allowed]) => onlyUpward(room, allowed)),
  ...['shell', 'api', 'bodymap'].map(knowsNoRoom),
]
