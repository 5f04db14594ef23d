import { marked } from 'marked'

/** The pages of the guide, as they stand in docs/guide, with their pictures. */
const TEXTS = import.meta.glob<string>('../../../docs/guide/[a-z]*.md', { query: '?raw', import: 'default' })
const PICTURES = import.meta.glob<string>('../../../docs/screenshots/*.png', { query: '?url', import: 'default' })

export const GUIDE = [
  ['first-brush', 'The first brush'],
  ['a-mat', 'A mat'],
  ['a-bath', 'A bath'],
  ['the-groomer', 'The groomer'],
  ['a-puppy', 'A puppy'],
] as const

/** @returns undefined where there is no such page */
export async function guidePage(name: string): Promise<string | undefined> {
  const text = await TEXTS[`../../../docs/guide/${name}.md`]?.()
  if (text === undefined) return undefined
  const pictures = [...text.matchAll(/\((\.\.\/screenshots\/[\w-]+\.png)\)/g)].map((found) => found[1]!)
  const addresses = await Promise.all(
    pictures.map(async (path) => [path, await PICTURES[path.replace('..', '../../../docs')]!()] as const),
  )
  return marked.parse(addresses.reduce((told, [path, address]) => told.replace(`(${path})`, `(${address})`), text))
}
