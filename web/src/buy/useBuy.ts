import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask } from '@/api/client'
import type { ToolKind } from '@/api/types'

/** The least to buy. */
export function usePurchases(dogId: MaybeRefOrGetter<number>) {
  return useQuery({
    queryKey: ['purchases', computed(() => toValue(dogId))],
    queryFn: () => ask(api.GET('/api/dogs/{dogId}/purchases', { params: { path: { dogId: toValue(dogId) } } })),
  })
}

/** What the household says a kind of tool costs; undefined: nobody says any more. */
export function useToolPrice(dogId: MaybeRefOrGetter<number>) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: ({ kind, price }: { kind: ToolKind; price?: number }) =>
      ask(
        api.PUT('/api/dogs/{dogId}/purchases/prices/{kind}', {
          params: { path: { dogId: toValue(dogId), kind } },
          body: { price },
        }),
      ),
    onSuccess: () => client.invalidateQueries({ queryKey: ['purchases'] }),
  })
}
