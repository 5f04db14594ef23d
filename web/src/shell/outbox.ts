import { computed, reactive } from 'vue'
import { ApiProblem, askPlain, detailsOf } from '@/api/client'

/**
 * Something that was said and is on its way to the server. It carries all that is needed to send it from any page, at
 * any later start; its id makes a repeat harmless.
 *
 * @property name  one name for everything that must arrive in order
 * @property words what was said, for the owner to read should it come to the worst
 */
export interface Letter {
  id: string
  name: string
  method: 'POST' | 'DELETE'
  path: string
  body?: unknown
  words: string
}

/** A letter that the server will never take, and why. */
export interface Refusal {
  letter: Letter
  why: string
}

/** Milliseconds from one try to the next: growing, so that a server in trouble is left in peace. */
const FIRST_PAUSE = 1000
const LONGEST_PAUSE = 30_000
/** A server that says nothing for so long is asked again. */
const PATIENCE = 20_000

const KEPT = 'outbox:'
const REFUSED = 'refused:'
/** How long ago it was said, milliseconds. */
const AGO = 'X-Ago'
/** Of which name, and its place in the order: the moment, and a number for what was said in the same one. */
const KEY = /^outbox:(.+):(\d{15}):(\d{6}):[0-9a-f-]{36}$/

/** @property atLeast milliseconds that the server asked to be left in peace */
interface Road {
  failures: number
  silent: boolean
  running: boolean
  atLeast: number
  wake?: () => void
}

const state = reactive<{ letters: Letter[]; refusals: Refusal[]; roads: Record<string, Road> }>({
  letters: [],
  refusals: [],
  roads: {},
})
/** What could not be kept in this browser's storage, which may be full: it is sent all the same. */
const onlyHere = new Map<string, Letter>()
const refusedOnlyHere = new Map<string, Refusal>()
const listeners = new Map<string, Set<Listener>>()
let arrivedSomewhere: () => void = () => undefined

export interface Listener {
  stored: (answer: unknown, letter: Letter) => void
  refused: (problem: ApiProblem, letter: Letter) => void
}

export const outbox = {
  /** What has not arrived yet, the oldest first. */
  letters: computed(() => state.letters),
  /** Those of which the server did not take one at the first try. */
  waiting: computed(() => state.letters.filter((letter) => state.roads[letter.name]?.failures)),
  refusals: computed(() => state.refusals),
  failures: (name: string) => state.roads[name]?.failures ?? 0,

  /** Keeps it in this browser, and sends it as soon as all that was said before it has arrived. */
  put(letter: Letter) {
    keep(`${KEPT}${letter.name}:${placeAfter(inOrder(letter.name).at(-1))}:${letter.id}`, letter, onlyHere)
    look()
    void send(letter.name)
  },

  /** The owner has read it. */
  dismiss(refusal: Refusal) {
    localStorage.removeItem(REFUSED + refusal.letter.id)
    refusedOnlyHere.delete(REFUSED + refusal.letter.id)
    look()
  },

  /** Hears what becomes of the letters of one name. @returns how to stop listening */
  listen(name: string, listener: Listener): () => void {
    const here = listeners.get(name) ?? new Set()
    listeners.set(name, here.add(listener))
    return () => here.delete(listener)
  },

  /**
   * Sends whatever an earlier page left, wherever the owner is now.
   *
   * @param arrived called after each letter that has arrived
   */
  start(arrived: () => void) {
    arrivedSomewhere = arrived
    window.addEventListener('storage', () => {
      look()
      wakeAll()
    })
    window.addEventListener('online', wakeAll)
    look()
    new Set(state.letters.map((letter) => letter.name)).forEach((name) => void send(name))
  },

  /** The server has answered something: what only waited for a sign of life is tried at once. */
  alive() {
    Object.values(state.roads)
      .filter((road) => road.silent)
      .forEach((road) => road.wake?.())
  },
}

function keep<T>(key: string, what: T, otherwise: Map<string, T>) {
  try {
    localStorage.setItem(key, JSON.stringify(what))
  } catch {
    otherwise.set(key, what)
  }
}

/** The place in the order behind another's, though the device's clock may have been put back since. */
function placeAfter(key?: string): string {
  const [, , moment, number] = key ? KEY.exec(key)! : []
  const now = Date.now()
  const [at, next] = Number(moment) >= now ? [Number(moment), Number(number) + 1] : [now, 0]
  return `${String(at).padStart(15, '0')}:${String(next).padStart(6, '0')}`
}

function wakeAll() {
  Object.values(state.roads).forEach((road) => road.wake?.())
  new Set(state.letters.map((letter) => letter.name)).forEach((name) => void send(name))
}

function keysOf(name?: string): string[] {
  return [...Object.keys(localStorage), ...onlyHere.keys()].filter(
    (key) => KEY.test(key) && (name === undefined || KEY.exec(key)![1] === name),
  )
}

function read(key: string): Letter | undefined {
  const letter = onlyHere.get(key) ?? parsed<Letter>(key)
  return letter?.path ? letter : undefined
}

/** What another hand has written into the storage is passed over. */
function parsed<T>(key: string): T | undefined {
  try {
    return JSON.parse(localStorage.getItem(key) ?? 'null') as T | undefined
  } catch {
    return undefined
  }
}

function drop(key: string) {
  onlyHere.delete(key)
  localStorage.removeItem(key)
}

/** Another tab may have put, sent or dropped some. */
function look() {
  state.letters = inOrder()
    .map(read)
    .filter((letter) => letter !== undefined)
  state.refusals = [...Object.keys(localStorage), ...refusedOnlyHere.keys()]
    .filter((key) => key.startsWith(REFUSED))
    .sort()
    .map((key) => refusedOnlyHere.get(key) ?? parsed<Refusal>(key))
    .filter((refusal): refusal is Refusal => refusal?.letter !== undefined)
}

/** Of all names, or of one. */
function inOrder(name?: string): string[] {
  const place = (key: string) => KEY.exec(key)!.slice(2).join(':')
  return keysOf(name).sort((a, b) => place(a).localeCompare(place(b)))
}

/** The oldest of a name first, until none is left; one tab at a time. */
async function send(name: string) {
  state.roads[name] ??= { failures: 0, silent: false, running: false, atLeast: 0 }
  // Read back, so that what is shown follows it.
  const road = state.roads[name]
  if (road.running) return
  road.running = true
  try {
    for (let more = true; more;) {
      more = await oneAtATime(name, () => next(name, road))
      if (more && road.failures) await pause(road)
    }
  } finally {
    road.running = false
  }
  // Put in between, while the last look was ending.
  if (keysOf(name).some(read)) void send(name)
}

/** @returns whether there may be more to send */
async function next(name: string, road: Road): Promise<boolean> {
  const key = inOrder(name).find(read)
  look()
  if (!key) return false
  const letter = read(key)!
  try {
    const answer = await askPlain(letter.path, {
      method: letter.method,
      signal: AbortSignal.timeout(PATIENCE),
      headers: {
        ...(letter.body === undefined ? {} : { 'Content-Type': 'application/json' }),
        // By one clock, so that it need not be right: how long it has waited here, not when it was.
        [AGO]: String(Math.max(0, Date.now() - Number(KEY.exec(key)![2]))),
      },
      body: letter.body === undefined ? undefined : JSON.stringify(letter.body),
    })
    settle(road, key)
    listeners.get(name)?.forEach((listener) => listener.stored(answer, letter))
    arrivedSomewhere()
  } catch (error) {
    if (error instanceof ApiProblem && error.final) {
      keep(REFUSED + letter.id, { letter, why: detailsOf(error) }, refusedOnlyHere)
      settle(road, key)
      listeners.get(name)?.forEach((listener) => listener.refused(error, letter))
    } else {
      road.failures++
      road.silent = !(error instanceof ApiProblem)
      road.atLeast = error instanceof ApiProblem ? error.retryAfterSeconds * 1000 : 0
    }
  }
  return true
}

function settle(road: Road, key: string) {
  drop(key)
  road.failures = 0
  road.silent = false
  look()
}

function pause(road: Road): Promise<void> {
  const grown = Math.min(LONGEST_PAUSE, FIRST_PAUSE * 2 ** (road.failures - 1))
  return new Promise((resolve) => {
    const timer = window.setTimeout(resolve, Math.max(grown, road.atLeast))
    road.wake = () => {
      window.clearTimeout(timer)
      resolve()
    }
  })
}

function oneAtATime<T>(name: string, work: () => Promise<T>): Promise<T> {
  return 'locks' in navigator ? (navigator.locks.request(KEPT + name, work) as Promise<T>) : work()
}
