import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import { useUnits } from '@/shell/useUnits'

/**
 * A drawing as wide as there is room: a point of it is one of the screen, so that letters stay letters on a phone.
 *
 * @param usual width until the page is there; the element is that with the ref "figure"
 */
export function useFigure(usual: number) {
  const { date } = useUnits()
  const { width: there } = useElementSize(useTemplateRef<HTMLElement>('figure'))
  return {
    width: computed(() => there.value || usual),
    /** A day without its weekday. */
    short: (day: string) => date(day).split(' ').slice(1).join(' '),
  }
}
