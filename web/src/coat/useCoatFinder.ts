import { useMutation, useQuery } from '@tanstack/vue-query'
import { api, ask } from '@/api/client'
import { FOR_GOOD, MEANWHILE_THE_LAST } from '@/api/queries'
import type { Answer, CoatForm } from '@/api/types'

/** What the answers so far say about the coat. */
export function useFinding(answers: () => Answer[]) {
  return useQuery({
    queryKey: ['finding', answers],
    queryFn: () => ask(api.POST('/api/coat-finder/finding', { body: { answers: answers() } })),
    ...MEANWHILE_THE_LAST,
    ...FOR_GOOD,
  })
}

/** What about a coat should be asked before it is kept. */
export function useDoubts() {
  return useMutation({ mutationFn: (coat: CoatForm) => ask(api.POST('/api/coat-doubts', { body: coat })) })
}
