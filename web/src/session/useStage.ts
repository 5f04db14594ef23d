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
  /** Which question each entry answered, by how many stood before it: an undo leads back to it. */
  const asked = new Map<number, Stage>()
  let entries = 0

  watch(
    () => view.value && asking(view.value, read.value),
    () => {
      if (view.value) {
        const goesOn = stageOf(view.value, read.value)
        stage.value = then ?? (view.value.entries < entries ? backTo(goesOn, view.value) : goesOn)
        entries = view.value.entries
      }
      then = undefined
    },
    { immediate: true },
  )

  /** Where the question still fits what stands now. */
  function backTo(otherwise: Stage, now: SessionView): Stage {
    const before = asked.get(now.entries)
    const fits = before && 'section' in before && now.hand.includes(before.section)
    return fits && (otherwise.at === 'work' || otherwise.at === 'caught') ? before : otherwise
  }
  function answer(said: Answer) {
    const next = transition(stage.value, said, hand.value, view.value?.pass)
    if (next.says.length) asked.set(view.value?.entries ?? 0, stage.value)
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
