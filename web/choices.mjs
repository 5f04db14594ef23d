// Build step: the words for every choice, from the OpenAPI document of the running code.
import { readFileSync, writeFileSync } from 'node:fs'

const [from, to] = process.argv.slice(2)
const choices = JSON.parse(readFileSync(from, 'utf8'))['x-choices']
writeFileSync(to, `export default ${JSON.stringify(choices, null, 2)} as const\n`)
