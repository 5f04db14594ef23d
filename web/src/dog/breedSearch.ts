import MiniSearch from 'minisearch'
import facts from '@/api/facts'
import type { Breed } from '@/api/types'

/** What of a breed is looked for. */
export type Searched = Pick<Breed, 'name' | 'alsoCalled' | 'parents'>

export interface BreedsFound<T> {
  /** Those that have every word typed, best first. */
  breeds: T[]
  /** When there are none: the most like it. Never taken for the dog's breed by itself. */
  nearest: T[]
  /** It was said that nobody knows what it is. */
  nobodyKnows: boolean
}

/** Words that no name of a breed has. */
const STOP_WORDS = new Set(['dog', 'the', 'a', 'an', 'my', 'and', 'of', 'with', 'x', 'puppy', 'breed'])
const CROSS = new Set<string>(facts.breedWords.cross)
const COLOURS = new Set<string>(facts.breedWords.colours)
const LOOKS = new Set<string>([...facts.breedWords.sizes, ...COLOURS])
const BESIDES = new Set<string>([...facts.breedWords.besides, ...STOP_WORDS])
const NOBODY_KNOWS = new Set<string>([...facts.breedWords.nobodyKnows, ...CROSS])
const ANOTHER = 'another'
/** Nobody says more of them. */
const MOST_LOOKS = 6
const SHOWN = 8
const NEAREST = 4

const plain = (text: string) =>
  text
    .normalize('NFD')
    .replace(/\p{M}|['’]/gu, '')
    .toLowerCase()
    .replace(/haired|coated/g, 'hair')
    .replace(/ß/g, 'ss')
const wordsOf = (text: string) => plain(text).match(/[\p{L}\p{N}]+/gu) ?? []

/** A cross of a breed and nobody knows what. */
function crossWith<T extends Searched>(breed: T, all: readonly T[]): T {
  return (
    all.find(({ parents }) => parents.length === 2 && parents[0] === breed.name && parents[1] === ANOTHER) ?? {
      ...breed,
      name: `${breed.name} cross`,
      alsoCalled: [],
      parents: [breed.name, ANOTHER],
    }
  )
}

/** The breed of this name, or the cross that was made of one by {@link breedSearch}; it is guessed as weakly as any. */
export function breedNamed(all: readonly Breed[], name: string | undefined): Breed | undefined {
  const half = all.find((breed) => !breed.parents.length && name === `${breed.name} cross`)
  return all.find((breed) => breed.name === name) ?? (half && { ...crossWith(half, all), why: facts.whyACross })
}

/**
 * Finds breeds by the names people type: parts of words, typing errors, any order of words, with size and colour, in other
 * tongues, and as a cross of one that is known.
 */
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
      parents: breed.parents.length ? `${breed.parents.join(', ')} ${[...CROSS].join(' ')}` : '',
      // "Golden doodle", "pitbull", "shihtzu": written in one word or in two.
      whole: [breed.name, ...breed.alsoCalled].map((name) => plain(name).replace(/[^\p{L}]/gu, '')).join(' '),
    })),
  )
  const breedsOf = (text: string, options = {}) => index.search(text, options).map(({ id }) => all[id as number]!)
  const called = (breed: T, words: readonly string[]) =>
    [breed.name, ...breed.alsoCalled].some((name) => wordsOf(name).join(' ') === words.join(' '))
  /** Whoever types a breed's very name means it. */
  const found = (words: readonly string[]) =>
    [...new Set([...breedsOf(words.join(' ')), ...breedsOf(words.join(''))])].sort(
      (a, b) => Number(called(b, words)) - Number(called(a, words)),
    )
  /** The words, then without those that are rather not of a name, as few of them as will do, colours before sizes. */
  function narrowed(words: readonly string[]) {
    const without = words.filter((word) => !BESIDES.has(word))
    for (const rest of [words, ...fewer(without)]) {
      const breeds = rest.length ? found(rest) : []
      if (breeds.length) return { breeds, rest: rest === words ? without : rest }
    }
    return { breeds: [], rest: [] }
  }
  function fewer(words: readonly string[]) {
    const looks = words.flatMap((word, i) => (LOOKS.has(word) ? [i] : [])).slice(0, MOST_LOOKS)
    return Array.from({ length: 2 ** looks.length }, (_, set) => looks.filter((_, bit) => set & (2 ** bit)))
      .sort((a, b) => a.length - b.length || coloured(words, b) - coloured(words, a))
      .map((gone) => words.filter((_, i) => !gone.includes(i)))
  }
  const coloured = (words: readonly string[], at: readonly number[]) => at.filter((i) => COLOURS.has(words[i]!)).length
  const isName = (word: string) => !BESIDES.has(word) && !LOOKS.has(word)

  return (typed) => {
    const words = wordsOf(typed)
    if (!words.length) return { breeds: [], nearest: [], nobodyKnows: false }
    const said = words.filter(isName)
    const named = all.some((breed) => called(breed, words))
    if (!named && words.some((word) => NOBODY_KNOWS.has(word)) && said.every((word) => NOBODY_KNOWS.has(word)))
      return { breeds: [], nearest: [], nobodyKnows: true }
    const { breeds } = narrowed(words)
    const half = narrowed(words.filter((word) => word !== 'x' && !CROSS.has(word)))
    const one = half.breeds.find((breed) => !breed.parents.length && called(breed, half.rest))
    if (one && (words.at(-1) === 'x' || words.some((word) => CROSS.has(word))) && !called(breeds[0] ?? one, words))
      breeds.unshift(crossWith(one, all))
    return {
      breeds: [...new Set(breeds)].slice(0, SHOWN),
      nearest: breeds.length ? [] : breedsOf(words.join(' '), { combineWith: 'OR', fuzzy: 0.35 }).slice(0, NEAREST),
      nobodyKnows: false,
    }
  }
}
