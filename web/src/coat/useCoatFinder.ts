import { useMutation, useQuery } from '@tanstack/vue-query'
import { api, ask } from '@/api/client'
import type { Answer, CoatForm } from '@/api/types'

/** The observations, in the order to make them. */
export function useCoatKey() {
  return useQuery({ queryKey: ['coat-finder'], queryFn: () => ask(api.GET('/api/coat-finder')), staleTime: Infinity })
}

/** What the answers so far say about the coat. */
export function useFinding(answers: () => Answer[]) {
  return useQuery({
    queryKey: ['finding', answers],
    queryFn: () => ask(api.POST('/api/coat-finder/finding', { body: { answers: answers() } })),
    // The last finding stays on screen while the next is worked out.
    placeholderData: (previous) => previous,
    staleTime: Infinity,
  })
}

/** What about a coat should be asked before it is kept. */
export function useDoubts() {
  return useMutation({ mutationFn: (coat: CoatForm) => ask(api.POST('/api/coat-doubts', { body: coat })) })
}
