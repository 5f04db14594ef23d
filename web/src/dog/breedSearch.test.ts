import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { breedSearch } from './breedSearch'

/** The table itself, as the core reads it. */
const TABLE = readFileSync('../core/src/main/resources/rustictangle/core/coat/breeds.txt', 'utf8')
  .split('\n')
  .filter((line) => line.trim() && !line.startsWith('#'))
  .map((line) => line.split('|').map((cell) => cell.trim()))
  .map(([name, also, parents]) => ({
    name: name!,
    alsoCalled: also!
      .split(',')
      .filter(Boolean)
      .map((cell) => cell.trim()),
    parents: parents!
      .split('+')
      .filter(Boolean)
      .map((cell) => cell.trim()),
  }))
const find = breedSearch(TABLE)

/** What people type, and which breed must stand first. */
const FIRST: readonly (readonly [typed: string, first: string])[] = [
  ['poodle', 'Poodle'],
  ['Dachshund', 'Dachshund'],
  ['chihuahua', 'Chihuahua'],
  ['pit bull', 'Pit Bull Terrier'],
  ['pitbull', 'Pit Bull Terrier'],
  ['lab', 'Labrador Retriever'],
  ['labrador', 'Labrador Retriever'],
  ['black lab', 'Labrador Retriever'],
  ['gsd', 'German Shepherd'],
  ['german shepard', 'German Shepherd'],
  ['alsatian', 'German Shepherd'],
  ['frenchie', 'French Bulldog'],
  ['french bull dog', 'French Bulldog'],
  ['staffie', 'Staffordshire Bull Terrier'],
  ['westie', 'West Highland White Terrier'],
  ['west highland terrier', 'West Highland White Terrier'],
  ['yorkie', 'Yorkshire Terrier'],
  ['yorkshire terier', 'Yorkshire Terrier'],
  ['shitzu', 'Shih Tzu'],
  ['shih-tzu', 'Shih Tzu'],
  ['shihtzu', 'Shih Tzu'],
  ['sausage dog', 'Dachshund'],
  ['long haired dachshund', 'Long-haired Dachshund'],
  ['dachshund longhaired', 'Long-haired Dachshund'],
  ['wire haired dachshund', 'Wire-haired Dachshund'],
  ['cockapoo', 'Cockapoo'],
  ['cocker poodle cross', 'Cockapoo'],
  ['poodle x cocker spaniel', 'Cockapoo'],
  ['cavoodle', 'Cavapoo'],
  ['cavalier poodle mix', 'Cavapoo'],
  ['golden doodle', 'Goldendoodle'],
  ['goldendoodel', 'Goldendoodle'],
  ['labradoodle', 'Labradoodle'],
  ['maltipoo', 'Maltipoo'],
  ['maltese poodle', 'Maltipoo'],
  ['berner', 'Bernese Mountain Dog'],
  ['bernese', 'Bernese Mountain Dog'],
  ['mini schnauzer', 'Miniature Schnauzer'],
  ['schnauzer miniature', 'Miniature Schnauzer'],
  ['jack russell', 'Jack Russell Terrier'],
  ['jack russel', 'Jack Russell Terrier'],
  ['king charles cavalier', 'Cavalier King Charles Spaniel'],
  ['ckcs', 'Cavalier King Charles Spaniel'],
  ['husky', 'Siberian Husky'],
  ['corgi', 'Pembroke Welsh Corgi'],
  ['cocker', 'English Cocker Spaniel'],
  ['springer', 'English Springer Spaniel'],
  ['bichon', 'Bichon Frise'],
  ['Bichon Frisé', 'Bichon Frise'],
  ['toy poodle', 'Toy Poodle'],
  ['old english', 'Old English Sheepdog'],
  ['sheltie', 'Shetland Sheepdog'],
  ['st. bernard', 'Saint Bernard'],
  ['newfie', 'Newfoundland'],
  ['wheaten', 'Soft Coated Wheaten Terrier'],
  ['pug', 'Pug'],
  ['pom', 'Pomeranian'],
  ['lagoto', 'Lagotto Romagnolo'],
  ['keeshond', 'Keeshond'],
  ['border terrier', 'Border Terrier'],
]

describe('what people type', () => {
  it.each(FIRST)('%s finds %s first', (typed, first) => {
    expect(find(typed).breeds[0]?.name).toBe(first)
  })

  it('a family name finds every size of it', () => {
    expect(find('poodle').breeds.map((b) => b.name)).toEqual(
      expect.arrayContaining(['Poodle', 'Toy Poodle', 'Miniature Poodle', 'Standard Poodle']),
    )
    expect(
      find('schnauzer')
        .breeds.slice(0, 3)
        .map((b) => b.name)
        .sort(),
    ).toEqual(['Giant Schnauzer', 'Miniature Schnauzer', 'Standard Schnauzer'])
  })

  it('what is not in the table is never pretended to be found', () => {
    for (const typed of ['zebra', 'xyz', 'qqqq terrierdog nine', '   ']) expect(find(typed).breeds).toEqual([])
    expect(find('poodle zebra').breeds).toEqual([])
    expect(find('poodle zebra').nearest.map((b) => b.name)).toContain('Poodle')
  })

  it('every name of the table finds its breed among what is shown', () => {
    for (const breed of TABLE) expect(find(breed.name).breeds[0]?.name, breed.name).toBe(breed.name)
    for (const breed of TABLE)
      for (const name of breed.alsoCalled)
        expect(
          find(name).breeds.map((b) => b.name),
          name,
        ).toContain(breed.name)
  })
})
