// Build step: from the OpenAPI document of the running code, the words for every choice, and the rooms' limits.
import { readFileSync, writeFileSync } from 'node:fs'

const [from, folder] = process.argv.slice(2)
const api = JSON.parse(readFileSync(from, 'utf8'))
const write = (name, value) =>
  writeFileSync(`${folder}/${name}.ts`, `export default ${JSON.stringify(value, null, 2)} as const\n`)
write('choices', api['x-choices'])
write('facts', { ...api['x-facts'], version: api.info.version })
