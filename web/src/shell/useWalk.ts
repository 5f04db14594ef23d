import { computed, onBeforeUnmount, ref, watch, type Ref } from 'vue'
import { FASTEST, SLOWEST, useVoice } from './useVoice'

const FASTER = 1.2

/** One thing that is said, and how long the hands then need, seconds. */
export interface Line {
  say: string
  wait: number
}

/**
 * Leads through a step by voice: each line is said, then the hands have their time, then the next. The last line waits
 * for a press.
 *
 * @param step  what is said at the step in hand, and what makes it another one
 * @param going whether it is being worked just now: no question is open, no pause
 * @param still why nothing is said though the voice is on; empty: nothing against it
 */
export function useWalk<L extends Line>(
  step: Ref<{ key: string; lines: L[] } | undefined>,
  going: Ref<boolean>,
  still: Ref<string>,
) {
  const { settings, speak, hush } = useVoice()
  const at = ref(0)
  /** Silent for the rest of this session: the dog comes first. */
  const hushed = ref(false)
  const leads = computed(() => settings.value.on && !hushed.value && !still.value)
  const line = computed(() => (leads.value ? step.value?.lines[at.value] : undefined))
  let hands: ReturnType<typeof setTimeout> | undefined

  function stop() {
    clearTimeout(hands)
    hush()
  }
  function say() {
    stop()
    const now = line.value
    if (!now || !going.value) return
    speak(now.say, () => {
      if (now.wait) hands = setTimeout(next, (now.wait * 1000) / settings.value.pace)
    })
  }
  function next() {
    if (step.value && at.value < step.value.lines.length - 1) at.value++
  }
  watch(
    () => step.value?.key,
    () => {
      stop()
      at.value = 0
    },
  )
  watch([() => step.value?.key, at, going, leads], say, { immediate: true, flush: 'post' })
  onBeforeUnmount(stop)

  return {
    leads,
    /** What is being said; absent: it does not lead. */
    line,
    again: say,
    pace(by: 'faster' | 'slower') {
      const pace = settings.value.pace * (by === 'faster' ? FASTER : 1 / FASTER)
      settings.value.pace = Math.round(Math.min(FASTEST, Math.max(SLOWEST, pace)) * 100) / 100
      say()
    },
    /** On or off, at once and remembered. */
    toggle() {
      if (hushed.value) hushed.value = false
      else settings.value.on = !settings.value.on
      if (!leads.value) stop()
    },
    /** Never a voice over a frightened dog. */
    silence() {
      hushed.value = true
      stop()
    },
    paceNow: computed(() => settings.value.pace),
  }
}
