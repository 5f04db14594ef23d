import { useTimestamp } from '@vueuse/core'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { useHousehold } from '@/api/queries'
import { isQuiet } from '@/shell/useVoice'
import { useWalk } from '@/shell/useWalk'

/**
 * What is in hand at the table, spoken once if the voice is on; it waits for the press as the screen does.
 *
 * @param text undefined: nothing is said just now
 */
export function useSpoken(text: MaybeRefOrGetter<string | undefined>) {
  const household = useHousehold()
  const now = useTimestamp({ interval: 30_000 })
  const still = computed(() => {
    const { quietFrom, quietTo } = household.data.value ?? {}
    return quietFrom && quietTo && isQuiet(new Date(now.value), quietFrom, quietTo) ? 'silent in the quiet hours' : ''
  })
  const walk = useWalk(
    computed(() => {
      const say = toValue(text)
      return say ? { key: say, lines: [{ say, wait: 0 }] } : undefined
    }),
    computed(() => !!toValue(text)),
    still,
  )
  return { leads: walk.leads, toggle: walk.toggle, still }
}
