import { computed, ref, type Ref } from 'vue'
import type { Section, SessionView } from '@/api/types'
import { signalAt } from './stages'

/** The step in hand: its places as they are worked, what they are called together, and whether another sitting is due. */
export function useHand(
  view: Ref<SessionView | undefined>,
  names: Ref<Partial<Record<Section, string>>>,
  elapsedSeconds: Ref<number>,
) {
  const places = computed(() =>
    (view.value?.hand ?? []).flatMap(
      (section) => view.value!.places.find((planned) => planned.how.section === section)?.how ?? [],
    ),
  )
  const named = computed(() =>
    view.value?.steps.find((candidate) => candidate.sections.includes(places.value[0]?.section as Section)),
  )
  const step = computed(() => places.value.map((place) => place.section).join())

  /** The step that is done in spite of it. */
  const oneMoreAt = ref('')
  /** One sitting ends well before the dog does: when the step to come would not fit into it any more. */
  const sittingOver = computed(() => {
    const { sitting, places: planned } = view.value ?? {}
    if (!sitting || oneMoreAt.value === step.value) return undefined
    const toCome = places.value.reduce((sum, place) => sum + place.seconds, 0)
    const begun = planned!.some((place) => place.outcome !== 'WAITING')
    return begun && elapsedSeconds.value + toCome > sitting.atMostSeconds ? sitting : undefined
  })

  return {
    places,
    /** What makes it another step. */
    step,
    label: computed(() =>
      places.value.length === 1 ? names.value[places.value[0]!.section]! : named.value?.label || '',
    ),
    /** What hands forget, said before its first place only. */
    prompt: computed(() => (named.value?.sections.length === places.value.length ? named.value.prompt : undefined)),
    /** For the answers: what done means at each place, and how the dog took it so far. */
    hand: computed(() =>
      places.value.map(({ section, done }) => ({ section, done, signal: signalAt(view.value!, section) })),
    ),
    sittingOver,
    oneMore: () => (oneMoreAt.value = step.value),
  }
}
