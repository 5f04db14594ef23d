import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import facts from '@/api/facts'
import type { Breed } from '@/api/types'
import { breedNamed, breedSearch } from './breedSearch'

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
  // A size or a colour, before or after.
  ['toy poodle white', 'Toy Poodle'],
  ['white toy poodle', 'Toy Poodle'],
  ['black standard poodle', 'Standard Poodle'],
  ['apricot miniature poodle', 'Miniature Poodle'],
  ['chocolate labrador', 'Labrador Retriever'],
  ['yellow labrador retriever', 'Labrador Retriever'],
  ['chocolate lab', 'Labrador Retriever'],
  ['blue merle australian shepherd', 'Australian Shepherd'],
  ['red merle aussie', 'Australian Shepherd'],
  ['black and tan dachshund', 'Dachshund'],
  ['mini dachshund', 'Dachshund'],
  ['brindle french bulldog', 'French Bulldog'],
  ['blue frenchie', 'French Bulldog'],
  ['tricolour cavalier', 'Cavalier King Charles Spaniel'],
  ['fawn pug', 'Pug'],
  ['black pug', 'Pug'],
  ['liver springer spaniel', 'English Springer Spaniel'],
  ['golden cocker spaniel', 'English Cocker Spaniel'],
  ['blue roan cocker', 'English Cocker Spaniel'],
  ['red golden retriever', 'Golden Retriever'],
  ['cream golden retriever', 'Golden Retriever'],
  ['grey weimaraner', 'Weimaraner'],
  ['white german shepherd dog', 'German Shepherd'],
  ['black german shepherd', 'German Shepherd'],
  ['orange pomeranian', 'Pomeranian'],
  ['white pomeranian', 'Pomeranian'],
  ['parti cockapoo', 'Cockapoo'],
  ['apricot cavapoo', 'Cavapoo'],
  ['red goldendoodle', 'Goldendoodle'],
  ['medium goldendoodle', 'Goldendoodle'],
  ['giant poodle', 'Standard Poodle'],
  ['teacup yorkie', 'Yorkshire Terrier'],
  ['toy maltese', 'Maltese'],
  ['salt and pepper mini schnauzer', 'Miniature Schnauzer'],
  ['black giant schnauzer', 'Giant Schnauzer'],
  ['my big black newfoundland', 'Newfoundland'],
  ['white husky', 'Siberian Husky'],
  ['black and white border collie', 'Border Collie'],
  ['small white maltese dog', 'Maltese'],
  // The very words belong to a name.
  ['black russian terrier', 'Black Russian Terrier'],
  ['miniature pinscher', 'Miniature Pinscher'],
  ['giant schnauzer', 'Giant Schnauzer'],
  ['golden', 'Golden Retriever'],
  ['blue heeler', 'Australian Cattle Dog'],
  ['red setter', 'Irish Setter'],
  ['spanish water dog', 'Spanish Water Dog'],
  ['old english sheep dog', 'Old English Sheepdog'],
  ['white swiss shepherd', 'White Swiss Shepherd'],
  ['silky', 'Silky Terrier'],
  // A cross of one that is known.
  ['husky mix', 'Siberian Husky cross'],
  ['husky cross', 'Siberian Husky cross'],
  ['half husky', 'Siberian Husky cross'],
  ['mixed breed husky', 'Siberian Husky cross'],
  ['husky x', 'Siberian Husky cross'],
  ['beagle mix', 'Beagle cross'],
  ['chihuahua cross', 'Chihuahua cross'],
  ['collie cross', 'Border Collie cross'],
  ['border collie mix', 'Border Collie cross'],
  ['boxer mix', 'Boxer cross'],
  ['lab mix', 'Labrador cross'],
  ['lab x', 'Labrador cross'],
  ['black lab mix', 'Labrador cross'],
  ['labrador crossbreed', 'Labrador cross'],
  ['german shepherd mix', 'German Shepherd cross'],
  ['gsd cross', 'German Shepherd cross'],
  ['terrier mix', 'Terrier cross'],
  ['scruffy terrier', 'Terrier cross'],
  ['spaniel mix', 'Spaniel cross'],
  ['doodle mix', 'Poodle cross'],
  ['poodle mix', 'Poodle cross'],
  ['jack russell cross', 'Jack Russell cross'],
  ['yorkie mix', 'Yorkshire Terrier cross'],
  ['rescue lab cross', 'Labrador cross'],
  ['dackel mischling', 'Dachshund cross'],
  ['staffy cross', 'Staffordshire Bull Terrier cross'],
  ['pitbull mix', 'Pit Bull Terrier cross'],
  ['dachshund mix', 'Dachshund cross'],
  ['shih tzu mix', 'Shih Tzu cross'],
  // Two that are known.
  ['poodle golden retriever', 'Goldendoodle'],
  ['golden retriever x poodle', 'Goldendoodle'],
  ['labrador / poodle', 'Labradoodle'],
  ['lab and poodle mix', 'Labradoodle'],
  ['shih tzu x poodle', 'Shihpoo'],
  ['yorkie and poodle', 'Yorkipoo'],
  ['schnauzer poodle mix', 'Schnoodle'],
  ['chihuahua pomeranian', 'Pomchi'],
  ['husky malamute cross', 'Alusky'],
  ['springer cocker cross', 'Sprocker'],
  ['maltese x yorkshire terrier', 'Morkie'],
  ['maltese shih tzu', 'Malshi'],
  ['cavalier x bichon', 'Cavachon'],
  ['shih tzu bichon', 'Shichon'],
  ['bernese poodle', 'Bernedoodle'],
  // In other tongues.
  ['Schäferhund', 'German Shepherd'],
  ['deutscher schäferhund', 'German Shepherd'],
  ['berger allemand', 'German Shepherd'],
  ['pastor alemán', 'German Shepherd'],
  ['Dackel', 'Dachshund'],
  ['Teckel', 'Dachshund'],
  ['Rauhaardackel', 'Wire-haired Dachshund'],
  ['Pudel', 'Poodle'],
  ['Zwergpudel', 'Toy Poodle'],
  ['caniche', 'Poodle'],
  ['barboncino', 'Poodle'],
  ['Mops', 'Pug'],
  ['carlin', 'Pug'],
  ['Bernhardiner', 'Saint Bernard'],
  ['Berner Sennenhund', 'Bernese Mountain Dog'],
  ['bouvier bernois', 'Bernese Mountain Dog'],
  ['Deutsche Dogge', 'Great Dane'],
  ['terre-neuve', 'Newfoundland'],
  ['bouledogue français', 'French Bulldog'],
  ['Malteser', 'Maltese'],
  ['Havaneser', 'Havanese'],
  ['Zwergspitz', 'Pomeranian'],
  ['Zwergschnauzer', 'Miniature Schnauzer'],
  ['Riesenschnauzer', 'Giant Schnauzer'],
  ['galgo', 'Galgo'],
  ['patou', 'Great Pyrenees'],
  ['perro de agua', 'Spanish Water Dog'],
  // Nicknames and short forms.
  ['dobie', 'Dobermann'],
  ['rottie', 'Rottweiler'],
  ['sammy', 'Samoyed'],
  ['malinois', 'Malinois'],
  ['weim', 'Weimaraner'],
  ['ridgeback', 'Rhodesian Ridgeback'],
  ['bmd', 'Bernese Mountain Dog'],
  ['oes', 'Old English Sheepdog'],
  ['bobtail', 'Old English Sheepdog'],
  ['jrt', 'Jack Russell Terrier'],
  ['scotty', 'Scottish Terrier'],
  ['peke', 'Pekingese'],
  ['eskie', 'American Eskimo Dog'],
  ['doxie', 'Dachshund'],
  ['wiener dog', 'Dachshund'],
  ['min pin', 'Miniature Pinscher'],
  ['xolo', 'Mexican Hairless'],
  ['pyr', 'Great Pyrenees'],
  ['spoodle', 'Cockapoo'],
  ['groodle', 'Goldendoodle'],
  ['aussie', 'Australian Shepherd'],
  ['butterfly dog', 'Papillon'],
  // Misspelt.
  ['dashound', 'Dachshund'],
  ['daschund', 'Dachshund'],
  ['datschund', 'Dachshund'],
  ['chiwawa', 'Chihuahua'],
  ['chihuaha', 'Chihuahua'],
  ['rotweiler', 'Rottweiler'],
  ['rottwieler', 'Rottweiler'],
  ['doberman pincher', 'Dobermann'],
  ['pomeranean', 'Pomeranian'],
  ['maltise', 'Maltese'],
  ['bichon frisse', 'Bichon Frise'],
  ['havenese', 'Havanese'],
  ['lasa apso', 'Lhasa Apso'],
  ['cavalier king charles spaniol', 'Cavalier King Charles Spaniel'],
  ['cocker spanial', 'English Cocker Spaniel'],
  ['labradoddle', 'Labradoodle'],
  ['cockerpoo', 'Cockapoo'],
  ['cavapoodle', 'Cavapoo'],
  ['mini schnauser', 'Miniature Schnauzer'],
  ['dalmation', 'Dalmatian'],
  ['grayhound', 'Greyhound'],
  ['wippet', 'Whippet'],
  ['viszla', 'Hungarian Vizsla'],
  ['samoyd', 'Samoyed'],
  ['malamut', 'Alaskan Malamute'],
  ['newfoundlander', 'Newfoundland'],
  ['bernise mountain dog', 'Bernese Mountain Dog'],
  ['border colly', 'Border Collie'],
  ['staffordshire terier', 'Staffordshire Bull Terrier'],
  ['goldenretriever', 'Golden Retriever'],
  ['bordercollie', 'Border Collie'],
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

  it.each([
    'mongrel',
    'mutt',
    'rescue',
    'a mix',
    'black mutt',
    'rescue dog',
    'small street dog',
    'no idea',
    'don’t know',
    'unknown',
    'Straßenhund mischling',
    'crossbreed',
    'potcake',
  ])('of %s nobody guesses a coat', (typed) => {
    expect(find(typed)).toEqual({ breeds: [], nearest: [], nobodyKnows: true })
  })

  it('a cross that was made of a breed carries its coat, and is guessed as weakly as any', () => {
    const breeds = TABLE as unknown as Breed[]
    const husky = breedNamed(breeds, 'Siberian Husky cross')!
    expect(husky).toMatchObject({ parents: ['Siberian Husky', 'another'], why: facts.whyACross })
    expect(breedNamed(breeds, 'Zebra cross')).toBeUndefined()
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
