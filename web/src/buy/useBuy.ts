import { toValue, type MaybeRefOrGetter } from 'vue'
import { api } from '@/api/client'
import { useChange } from '@/api/queries'
import type { ToolKind } from '@/api/types'

/** What the household says a kind of tool costs; undefined: nobody says any more. */
export function useToolPrice(dogId: MaybeRefOrGetter<number>) {
  return useChange(({ kind, price }: { kind: ToolKind; price?: number }) =>
    api.PUT('/api/dogs/{dogId}/purchases/prices/{kind}', {
      params: { path: { dogId: toValue(dogId), kind } },
      body: { price },
    }),
  )
}
