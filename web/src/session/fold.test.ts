import { describe, expect, it } from 'vitest'
import cases from '../../../server/src/test/resources/session-cases.json'
import type { Section, SessionEvent } from '@/api/types'
import { fold } from './fold'

describe('what follows from the entries of a session', () => {
  it.each(cases.map((said) => [said.what, said] as const))('%s', (_, { plan, passes, entries, then }) => {
    const now = fold(plan as Section[][], (passes ?? []) as Section[][], entries as SessionEvent[], 2)
    expect({
      places: now.places,
      hand: now.hand,
      knots: now.knots,
      preparing: now.preparing,
      paused: now.paused,
      end: now.end ?? null,
      outcomes: Object.fromEntries(
        [...now.answered].map(([section, said]) => [section, said === 'SKIPPED' ? 'SKIPPED' : 'DONE']),
      ),
      noes: now.noes,
      answers: now.seen?.entry ?? null,
      treats: now.treats,
      catching: now.catching ?? null,
      pass: now.pass ?? null,
    }).toEqual({ pass: null, ...then })
  })
})
