import { ref, watch, type Ref } from 'vue'
import type { SessionEvent, SessionView } from '@/api/types'
import { stageOf, asking, transition, type Answer, type Place, type Stage } from './stages'

/** The question on the screen, and what the owner's answers make of it. */
export function useStage(
  view: Ref<SessionView | undefined>,
  hand: Ref<readonly Place[]>,
  record: (said: SessionEvent) => void,
) {
  const stage = ref<Stage>({ at: 'work' })
  const read = ref(-1)
  let then: Stage | undefined

  watch(
    () => view.value && asking(view.value, read.value),
    () => {
      if (view.value) stage.value = then ?? stageOf(view.value, read.value)
      then = undefined
    },
    { immediate: true },
  )

  function answer(said: Answer) {
    const next = transition(stage.value, said, hand.value)
    stage.value = next.stage
    then = next.then
    next.says.forEach(record)
  }
  /** The reaction on the screen was read. */
  function goOn() {
    read.value = view.value?.reaction?.entry ?? -1
  }
  return { stage, answer, goOn }
}
