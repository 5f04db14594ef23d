import { refDebounced, toRef } from '@vueuse/core'
import type { MaybeRefOrGetter, Ref } from 'vue'

const SLIDING_MS = 120

/** What a slider says, no more often than a plan can be asked for. */
export function useSettled(minutes: MaybeRefOrGetter<number | undefined>): Readonly<Ref<number | undefined>> {
  return refDebounced(toRef(minutes), SLIDING_MS)
}
