import MiniSearch from 'minisearch'
import type { Breed } from '@/api/types'

/** What of a breed is looked for. */
export type Searched = Pick<Breed, 'name' | 'alsoCalled' | 'parents'>

export interface BreedsFound<T> {
  /** Those that have every word typed, best first. */
  breeds: T[]
  /** When there are none: the most like it. Never taken for the dog's breed by itself. */
  nearest: T[]
}

/** Words that say nothing of which breed it is. */
const STOP_WORDS = new Set(['dog', 'the', 'a', 'an', 'my', 'and', 'of', 'with', 'x', 'puppy', 'breed'])
/** What people call a cross. */
const CROSS = 'cross crossbreed mix mixed hybrid half'
const SHOWN = 8
const NEAREST = 4

const plain = (text: string) =>
  text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/haired|coated/g, 'hair')

/** Finds breeds by the names people type: parts of words, typing errors, any order of words. */
export function breedSearch<T extends Searched>(all: readonly T[]): (typed: string) => BreedsFound<T> {
  const index = new MiniSearch<{ id: number; name: string; also: string; parents: string; whole: string }>({
    fields: ['name', 'also', 'parents', 'whole'],
    tokenize: (text) => plain(text).split(/[^\p{L}\p{N}]+/u),
    processTerm: (term) => (STOP_WORDS.has(term) ? null : term),
    searchOptions: {
      boost: { name: 3, also: 2, whole: 3 },
      prefix: true,
      fuzzy: (term) => (term.length > 7 ? 2 : term.length > 3 ? 1 : false),
      // A word as it was typed counts far more than one like it.
      weights: { fuzzy: 0.2, prefix: 0.5 },
      combineWith: 'AND',
      // Of two that fit, the one with less in it besides.
      boostDocument: (id) => (all[id as number]!.parents.length > 2 ? 0.6 : 1),
    },
  })
  index.addAll(
    all.map((breed, id) => ({
      id,
      name: breed.name,
      also: breed.alsoCalled.join(', '),
      parents: breed.parents.length ? `${breed.parents.join(', ')} ${CROSS}` : '',
      // "Golden doodle", "pitbull", "shihtzu": written in one word or in two.
      whole: [breed.name, ...breed.alsoCalled].map((name) => plain(name).replace(/[^\p{L}]/gu, '')).join(' '),
    })),
  )
  const breedsOf = (text: string, options = {}) => index.search(text, options).map(({ id }) => all[id as number]!)
  const called = (breed: T, typed: string) => [breed.name, ...breed.alsoCalled].some((name) => plain(name) === typed)

  return (typed) => {
    const text = plain(typed).trim()
    if (!text) return { breeds: [], nearest: [] }
    const inOneWord = text.replace(/[^\p{L}]/gu, '')
    const found = [...new Set([...breedsOf(text), ...breedsOf(inOneWord)])]
    // Whoever types a breed's very name means it.
    found.sort((a, b) => Number(called(b, text)) - Number(called(a, text)))
    return {
      breeds: found.slice(0, SHOWN),
      nearest: found.length ? [] : breedsOf(text, { combineWith: 'OR', fuzzy: 0.35 }).slice(0, NEAREST),
    }
  }
}
