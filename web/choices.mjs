// Build step: from the OpenAPI document of the running code, the words for every choice, and the rooms' limits.
import { readFileSync, writeFileSync } from 'node:fs'

const [from, folder] = process.argv.slice(2)
const api = JSON.parse(readFileSync(from, 'utf8'))
const write = (name, text) => writeFileSync(`${folder}/${name}.ts`, text)
const json = JSON.stringify

// Home waits for them all: what follows from a label is not sent.
const upper = (label) => label.charAt(0).toUpperCase() + label.slice(1)
const said = ({ value, title, label, hint }) =>
  `c(${[value, label, ...(title !== upper(label) ? [hint, title] : hint ? [hint] : [])].map((word) => json(word)).join(', ')})`
const types = Object.entries(api['x-choices']).map(([type, all]) => `  ${type}: [${all.map(said).join(', ')}],\n`)
write(
  'choices',
  `const upper = (label: string) => label.charAt(0).toUpperCase() + label.slice(1)
const c = <const V extends string>(value: V, label: string, hint = '', title = upper(label)) => ({ value, title, label, hint })

export default {
${types.join('')}} as const
`,
)
write('facts', `export default ${json({ ...api['x-facts'], version: api.info.version }, null, 2)} as const\n`)
