import MiniSearch from 'minisearch'
import choices from '@/api/choices'
import type { SectionInfo } from '@/api/types'
import { carePath, titleOf } from '@/care/words'

/** Something that can be gone to. */
export interface Goal {
  title: string
  /** Whose; absent: the household's. */
  dog?: string
  to: string
  /** What owners call it besides. */
  words: string
}

/** By a dog's pages: path, title, and the words that owners have for it. */
const PAGES = [
  ['today', 'Today', 'now due begin start brush'],
  ['today/routine', 'How it goes', 'routine order steps places layers minutes of each place'],
  ['today/brushed', 'I brushed already', 'brushed done afterwards told paint'],
  ['today/table', 'At the table', 'care jobs hygiene every job'],
  ['days', 'When', 'due next day date burrs'],
  ['days/thread', 'The thread', 'knots forecast mats tangles expected'],
  ['days/learned', 'What it learned', 'rhythm often own'],
  ['days/history', 'What was done', 'history undo last sessions record'],
  ['days/months', 'Over the months', 'photo picture length grows year looks strange short'],
  ['days/groom', 'The groomer', 'appointment visit salon grooming'],
  ['days/groom#trade', 'Length, minutes and money', 'shorter clip price cost trade summer cut'],
  ['kit', 'Which tool goes where', 'brush comb pins wire length fit'],
  ['kit/buy', 'What to buy', 'price cost shop cheapest need'],
  ['kit/schools', 'Schools', 'disagree method way another opinion'],
  ['kit/lesson', 'Your hand', 'pressure lesson practise scratch too hard'],
  ['kit/card', 'Kit card', 'print tools list'],
  ['dog/coat', 'Coat', 'hair kind length density shedding undercoat'],
  ['dog/coat/measure', 'Measure', 'ruler hair length millimetres growth photo'],
  ['dog/coat/finder', 'Find out the coat', 'mongrel mixture which coat unsure'],
  ['dog/coat/card', 'Coat card', 'print'],
  ['dog/looks', 'Looks and weight', 'breed name weigh scale kilograms pounds born age neutered harness remove'],
  ['dog/trust', 'Trust', 'afraid growl bite training rung ladder practice'],
  ['dog/trust/why', 'Why does it mind?', 'hates brushing runs away cries objects'],
  ['dog/trust/fuss', 'Fuss or fear?', 'fear stress signs lip yawning'],
  ['dog/trust/treats', 'Treats', 'food kcal calories pieces fat'],
  ['dog/trust/hands', 'Positions and helpers', 'lick mat table floor lap cue word marker'],
  ['dog/sheet', 'For the groomer', 'hand over sheet print note wish'],
] as const

const HOUSEHOLD = [
  ['/week', 'The days to come', 'week month minutes monday weekday calendar holiday days off fridge print'],
  ['/drawer', 'The drawer', 'tools brushes combs palm test clean wash'],
  ['/drawer/supplies', 'What lies ready', 'shampoo gel mist supplies'],
  ['/settings', 'Settings', 'units inches pounds dark voice sound quiet comfort how often export import backup copy'],
  ['/messages', 'Messages', 'reminders notices'],
  ['/guide/first-brush', 'Guide: the first brush', 'help how to begin manual'],
  ['/guide/a-mat', 'Guide: a mat', 'help knot felted cut'],
  ['/guide/a-bath', 'Guide: a bath', 'help wash dry shampoo'],
  ['/guide/the-groomer', 'Guide: the groomer', 'help salon visit sheet'],
  ['/guide/a-puppy', 'Guide: a puppy', 'help pup young'],
  ['/guide/words', 'The words', 'glossary what does it mean burrs rung layer'],
  ['/dogs/new', 'Another dog', 'add new puppy'],
] as const

/** Of the jobs at the table. */
const JOBS: Partial<Record<string, string>> = {
  NAILS: 'claw claws trim clip grind dewclaw paw',
  BATH: 'wash shampoo bathe dry wet smell',
  TEETH: 'tooth toothpaste breath',
  EARS: 'ear wax clean smell',
  EYES: 'tear stains eye',
  FEET: 'paw pads hair between toes',
  LOOK_OVER: 'lump tick scab sore skin photo camera check body something seen felt vet',
}
/** Of what a day did. */
const EVENTS: Partial<Record<string, string>> = {
  SWAM: 'swim swimming sea lake river',
  SOAKED: 'rain wet soaked',
  SAND_OR_BURRS: 'burrs seeds sand mud dirt beach',
  SNOW: 'ice snowballs',
}

/** Everything that can be gone to in a household with these dogs. */
export function goals(dogs: readonly { id: number; name: string }[], sections: readonly SectionInfo[]): Goal[] {
  const all: Goal[] = HOUSEHOLD.map(([to, title, words]) => ({ to, title, words }))
  for (const dog of dogs) {
    const at = (path: string) => `/dogs/${dog.id}/${path}`
    all.push(
      ...PAGES.map(([path, title, words]) => ({ title, dog: dog.name, to: at(path), words })),
      ...choices.CareJob.map((job) => ({
        title: titleOf(job.value),
        dog: dog.name,
        to: carePath(dog.id, job.value),
        words: JOBS[job.value] ?? '',
      })),
      ...choices.LifeEvent.map((event) => ({
        title: `It ${event.label}`,
        dog: dog.name,
        to: at('today#life'),
        words: EVENTS[event.value] ?? '',
      })),
      ...sections.map((place) => ({
        title: place.label,
        dog: dog.name,
        to: at(`days?place=${place.section}`),
        words: `when ${place.regionLabel}`,
      })),
    )
  }
  return all
}

const SHOWN = 8

/** Finds what was meant by the beginning of any of its words, written a little wrong or not. */
export function searchOf(all: readonly Goal[]): (typed: string) => Goal[] {
  const index = new MiniSearch<Goal & { id: number }>({
    fields: ['title', 'dog', 'words'],
    searchOptions: {
      boost: { title: 3, dog: 2 },
      prefix: true,
      fuzzy: (term) => (term.length > 5 ? 1 : false),
      combineWith: 'AND',
    },
  })
  index.addAll(all.map((goal, id) => ({ ...goal, id })))
  return (typed) =>
    index
      .search(typed)
      .slice(0, SHOWN)
      .map(({ id }) => all[id as number]!)
}
