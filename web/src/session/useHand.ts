import { computed, ref, type Ref } from 'vue'
import type { Section, SessionView } from '@/api/types'
import { inHand } from './inHand'
import { signalAt, tanglesAt } from './stages'

/** The step in hand, or the tool that goes round: its places as they are worked, what they are called together, and whether another sitting is due. */
export function useHand(
  view: Ref<SessionView | undefined>,
  names: Ref<Partial<Record<Section, string>>>,
  elapsedSeconds: Ref<number>,
) {
  const places = computed(() =>
    (view.value?.hand ?? []).flatMap((section) => {
      const planned = view.value!.places.find((one) => one.how.section === section)
      return planned ? inHand(planned.how, view.value!) : []
    }),
  )
  const pass = computed(() => (view.value?.pass ? view.value.passes[view.value.pass - 1] : undefined))
  /** How often the tool has been everywhere: each time it begins anew. */
  const rounds = computed(
    () => view.value?.said.filter((entry) => entry.type === 'PASS_REPEATED' && entry.pass === view.value!.pass).length,
  )
  const named = computed(() =>
    view.value?.steps.find((candidate) => candidate.sections.includes(places.value[0]?.section as Section)),
  )
  const step = computed(() =>
    [view.value?.pass, pass.value && rounds.value, ...places.value.map((place) => place.section)].join(),
  )

  /** The step that is done in spite of it. */
  const oneMoreAt = ref('')
  /** One sitting ends well before the dog does: when the step to come would not fit into it any more. */
  const sittingOver = computed(() => {
    const { sitting, places: planned } = view.value ?? {}
    if (!sitting || oneMoreAt.value === step.value) return undefined
    const toCome = places.value.reduce((sum, place) => sum + place.seconds, 0)
    const begun = planned!.some((place) => place.outcome !== 'WAITING') || (view.value!.pass ?? 1) > 1
    return begun && elapsedSeconds.value + toCome > sitting.atMostSeconds ? sitting : undefined
  })

  return {
    places,
    /** What makes it another step. */
    step,
    label: computed(() =>
      pass.value
        ? pass.value.label
        : places.value.length === 1
          ? names.value[places.value[0]!.section]!
          : named.value?.label || '',
    ),
    /** The tool that goes round; undefined: it goes place by place. */
    pass,
    /** What hands forget, said before its first place only. */
    prompt: computed(() => {
      const whole = pass.value ?? named.value
      return whole?.sections.length === places.value.length && !rounds.value ? whole.prompt : undefined
    }),
    /** For the answers: what done means at each place, and how the dog took it so far. */
    hand: computed(() =>
      places.value.map(({ section, done }) => ({
        section,
        done,
        signal: signalAt(view.value!, section),
        tangles: tanglesAt(view.value!, section),
      })),
    ),
    sittingOver,
    oneMore: () => (oneMoreAt.value = step.value),
  }
}
