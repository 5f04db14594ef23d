import { computed, ref } from 'vue'
import facts from '@/api/facts'
import type { CareJob, CareOutcome, Section, Signal, Warning } from '@/api/types'
import { useDogView } from '@/api/queries'
import { useDog } from '@/dog/useDogs'
import { useAtTheTable, useSteps } from './useCare'

const NOES_TO_END = facts.noesToEnd

/** One job at the table, from its first step to how the dog took it. */
export function useJob(dogId: number, job: CareJob) {
  const dog = useDog(dogId)
  const care = useDogView('care', dogId)
  const steps = useSteps(dogId, job)
  const table = useAtTheTable(dogId, job)

  const view = computed(() => care.data.value?.jobs.find((view) => view.job === job))
  const all = computed(() => steps.data.value?.steps ?? [])
  const at = ref(0)
  const end = ref<CareOutcome>()
  /** Whether the end was said; a job with a ladder asks first how the dog took it. */
  const said = ref(false)
  /** The whole of it is done, though the dog still learns it. */
  const whole = ref(false)
  const noes = ref(0)
  const asksHow = computed(() => end.value === 'DONE' && !!view.value?.standing)

  /** @param answered how the dog took it is said already */
  function finish(outcome: CareOutcome, answered = false) {
    end.value = outcome
    if (asksHow.value && !answered) return
    said.value = true
    table.done(outcome)
  }
  /** What the dog says while hands are on it. */
  const says = ref<'NO' | 'WARNED'>()
  const warnings = ref(0)
  const warning = ref<{ what: Warning; where: Section[] }>()
  /** A no: hands off, and asked once more; a second one, or fear, ends it for today. */
  function no(signal: Signal) {
    table.done('LEFT', signal, view.value?.standing?.subject)
    heed(signal)
  }
  /** The same, once it was said. */
  function heed(signal: Signal) {
    noes.value++
    if (signal === 'AFRAID' || noes.value >= NOES_TO_END) leave()
    else says.value = 'NO'
  }
  function leave() {
    says.value = undefined
    end.value = 'LEFT'
    said.value = true
  }
  /** It growls, snaps or bites: kept at once, and said more closely after. */
  function handsOff(where: Section[]) {
    says.value = 'WARNED'
    tellWarning('GROWLED', where)
  }
  function tellWarning(what: Warning, where: Section[]) {
    warning.value = { what, where }
    warnings.value++
    table.warned(what, where)
  }
  function took(signal: Signal) {
    said.value = true
    table.done('DONE', signal, view.value?.standing?.subject)
  }
  return {
    dogId,
    job,
    dog,
    care,
    view,
    steps: all,
    vet: computed(() => steps.data.value?.vet),
    table,
    at,
    end,
    said,
    doWhole: () => void (whole.value = true),
    learning: computed(() => !!view.value?.learning && !whole.value),
    /** Why it is not begun now; undefined: it may be. */
    mayNot: computed(() => view.value?.mayNot),
    /** The same of the whole of it, where the dog still learns it. */
    wholeMayNot: computed(() => view.value?.wholeMayNot),
    /** Where hands are in it; none: anywhere. */
    places: computed(() => steps.data.value?.places ?? []),
    says,
    warning,
    no,
    heed,
    handsOff,
    tellWarning,
    /** It comes back: on it goes, a little more lightly. */
    goOn: () => void (says.value = undefined),
    leave,
    pending: computed(() => !view.value || !steps.data.value || !dog.data.value),
    error: computed(() => care.error.value ?? steps.error.value ?? dog.error.value),
    retry: () => Promise.all([care.refetch(), steps.refetch(), dog.refetch()]),
    finish,
    took,
    next: () => (at.value < all.value.length - 1 ? at.value++ : finish('DONE')),
    /** One back from the end, or one step; false: it is at its beginning. */
    back(): boolean {
      if (says.value) {
        // A warning that was told more closely is several entries: none of them stays.
        const entries = says.value === 'WARNED' ? warnings.value : 1
        for (let i = 0; i < entries; i++) table.undo()
        if (says.value === 'NO') noes.value--
        warnings.value = 0
        warning.value = undefined
        says.value = undefined
        return true
      }
      if (said.value) table.undo()
      if (said.value && asksHow.value) said.value = false
      else if (end.value) {
        said.value = false
        end.value = undefined
      } else if (at.value > 0) at.value--
      else return false
      return true
    },
  }
}

export type Job = ReturnType<typeof useJob>
