import { useQuery } from '@tanstack/vue-query'
import { computed, type MaybeRefOrGetter } from 'vue'
import { api, ask } from '@/api/client'
import { MEANWHILE_THE_LAST, useChange, useView } from '@/api/queries'
import { useSettled } from '@/shell/useSettled'

/** What to do today if there are so many minutes; nothing while that is not asked. */
export function useToday(minutes: MaybeRefOrGetter<number | undefined>) {
  const asked = useSettled(minutes)
  return useQuery({
    queryKey: ['home', 'today', asked],
    queryFn: () => ask(api.GET('/api/today', { params: { query: { minutes: asked.value } } })),
    enabled: computed(() => asked.value !== undefined),
    ...MEANWHILE_THE_LAST,
  })
}

/** The address under which the plan can be subscribed to, and another one. */
export const useCalendar = () => ({ calendar: useView('calendar'), renew: useChange(() => api.POST('/api/calendar')) })
