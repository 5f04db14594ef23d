import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask } from '@/api/client'
import { useSettled } from '@/shell/useSettled'

/** The days to come, over all dogs. */
export function useWeek() {
  return useQuery({ queryKey: ['week'], queryFn: () => ask(api.GET('/api/week')), placeholderData: (before) => before })
}

/** What to do today if there are so many minutes; nothing while that is not asked. */
export function useToday(minutes: MaybeRefOrGetter<number | undefined>) {
  const asked = useSettled(minutes)
  return useQuery({
    queryKey: ['home', 'today', asked],
    queryFn: () => ask(api.GET('/api/today', { params: { query: { minutes: asked.value } } })),
    enabled: computed(() => asked.value !== undefined),
    placeholderData: (before) => before,
  })
}

/** Each place of one dog, day by day up to the groom. */
export function useThread(dogId: MaybeRefOrGetter<number>) {
  return useQuery({
    queryKey: ['thread', computed(() => toValue(dogId))],
    queryFn: () => ask(api.GET('/api/dogs/{dogId}/thread', { params: { path: { dogId: toValue(dogId) } } })),
    placeholderData: (before) => before,
  })
}

/** The address under which the plan can be subscribed to, and another one. */
export function useCalendar() {
  const client = useQueryClient()
  const calendar = useQuery({ queryKey: ['calendar'], queryFn: () => ask(api.GET('/api/calendar')) })
  const renew = useMutation({
    mutationFn: () => ask(api.POST('/api/calendar')),
    onSuccess: (view) => client.setQueryData(['calendar'], view),
  })
  return { calendar, renew }
}
