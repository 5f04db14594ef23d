import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask } from '@/api/client'
import type { LastCombed, Section, LookedForm } from '@/api/types'

/** When the plan brushes each place of a dog, and why. */
export function useWhen(dogId: MaybeRefOrGetter<number>) {
  return useQuery({
    queryKey: ['when', computed(() => toValue(dogId))],
    queryFn: () => ask(api.GET('/api/dogs/{dogId}/when', { params: { path: { dogId: toValue(dogId) } } })),
  })
}

/** When a comb last went to the skin everywhere, as the owner remembers it; and back. */
export function usePast(dogId: MaybeRefOrGetter<number>) {
  const client = useQueryClient()
  const path = () => ({ path: { dogId: toValue(dogId) } })
  const onSuccess = () => client.invalidateQueries()
  const say = useMutation({
    mutationFn: (lastCombed: LastCombed) =>
      ask(api.PUT('/api/dogs/{dogId}/past', { params: path(), body: { lastCombed } })),
    onSuccess,
  })
  const forget = useMutation({
    mutationFn: () => ask(api.DELETE('/api/dogs/{dogId}/past', { params: path() })),
    onSuccess,
  })
  return { say, forget }
}

/** A vet or a groomer has seen a place that was closed; and back. */
export function useSeen(dogId: MaybeRefOrGetter<number>) {
  const client = useQueryClient()
  const path = (section: Section) => ({ path: { dogId: toValue(dogId), section } })
  const onSuccess = () => client.invalidateQueries()
  const seen = useMutation({
    mutationFn: ({ section, ...body }: LookedForm & { section: Section }) =>
      ask(api.PUT('/api/dogs/{dogId}/closed/{section}/seen', { params: path(section), body })),
    onSuccess,
  })
  const notSeen = useMutation({
    mutationFn: (section: Section) =>
      ask(api.DELETE('/api/dogs/{dogId}/closed/{section}/seen', { params: path(section) })),
    onSuccess,
  })
  return { seen, notSeen }
}
