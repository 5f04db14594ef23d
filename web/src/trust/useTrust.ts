import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask } from '@/api/client'
import type { Section, Signal } from '@/api/types'

/** Where the dog stands, and today's practice. */
export function useTrust(dogId: MaybeRefOrGetter<number>) {
  return useQuery({
    queryKey: ['trust', computed(() => toValue(dogId))],
    queryFn: () => ask(api.GET('/api/dogs/{dogId}/trust', { params: { path: { dogId: toValue(dogId) } } })),
  })
}

/** Records an answer in practice, and takes it back. The answer brings its own id, so a repeat does no harm. */
export function usePracticeAnswer(dogId: MaybeRefOrGetter<number>) {
  const client = useQueryClient()
  const onSuccess = () => client.invalidateQueries()
  const path = () => ({ dogId: toValue(dogId) })
  const answer = useMutation({
    mutationFn: (body: { id: string; section: Section; signal: Signal }) =>
      ask(api.POST('/api/dogs/{dogId}/practice-trials', { params: { path: path() }, body })),
    onSuccess,
  })
  const takeBack = useMutation({
    mutationFn: (trialId: string) =>
      ask(api.DELETE('/api/dogs/{dogId}/practice-trials/{trialId}', { params: { path: { ...path(), trialId } } })),
    onSuccess,
  })
  return { answer, takeBack }
}
