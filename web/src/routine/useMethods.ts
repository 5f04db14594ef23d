import { useQuery } from '@tanstack/vue-query'
import { api, ask } from '@/api/client'
import type { RoutinePlaceView } from '@/api/types'

export type Method = RoutinePlaceView['methods'][number]

/** How each thing is done with the hands. */
export function useMethods() {
  return useQuery({ queryKey: ['methods'], queryFn: () => ask(api.GET('/api/methods')), staleTime: Infinity })
}
