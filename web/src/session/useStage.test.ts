import { expect, it } from 'vitest'
import { nextTick, ref } from 'vue'
import type { SessionEvent, SessionView } from '@/api/types'
import type { Place } from './stages'
import { useStage } from './useStage'

const CAUGHT = { section: 'CHEST' } as SessionView['caught']

it('leads an undo back to the very question that was answered: how many there were, not the mat itself', async () => {
  const view = ref({ hand: ['CHEST'], entries: 3, revision: 3, caught: CAUGHT } as SessionView)
  const hand = ref<Place[]>([{ section: 'CHEST', done: 'GLIDES', signal: 'RELAXED', tangles: 0 }])
  const said: SessionEvent[] = []
  const { stage, answer } = useStage(view, hand, (event) => said.push(event))
  const stored = async (more: Partial<SessionView>) => {
    view.value = { ...view.value, ...more }
    await nextTick()
  }
  expect(stage.value.at).toBe('caught')
  answer({ tried: 'OUT', seconds: 20, section: 'CHEST' })
  await stored({ entries: 4, revision: 4 })
  expect(stage.value).toEqual({ at: 'count', section: 'CHEST' })
  answer({ tangles: 2, section: 'CHEST' })
  await stored({ entries: 5, revision: 5, hand: ['THROAT'], caught: undefined })
  expect(stage.value.at).toBe('work')
  await stored({ entries: 4, revision: 6, hand: ['CHEST'], caught: CAUGHT })
  expect(stage.value).toEqual({ at: 'count', section: 'CHEST' })
  expect(said.map((event) => event.type)).toEqual(['TEASED', 'SECTION_DONE'])
})
