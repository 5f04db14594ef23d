import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask } from '@/api/client'
import type { ApproachForm, Section } from '@/api/types'

/** Which tools each section asks for, and what of them is in the drawer. */
export function useKit(dogId: MaybeRefOrGetter<number>) {
  return useQuery({
    queryKey: ['kit', computed(() => toValue(dogId))],
    queryFn: () => ask(api.GET('/api/dogs/{dogId}/kit', { params: { path: { dogId: toValue(dogId) } } })),
  })
}

/** Two tools at one section, property by property. */
export function useComparison(
  dogId: MaybeRefOrGetter<number>,
  section: MaybeRefOrGetter<Section>,
  first: MaybeRefOrGetter<number>,
  second: MaybeRefOrGetter<number>,
) {
  return useQuery({
    queryKey: ['comparison', computed(() => [toValue(dogId), toValue(section), toValue(first), toValue(second)])],
    queryFn: () =>
      ask(
        api.GET('/api/dogs/{dogId}/comparison', {
          params: {
            path: { dogId: toValue(dogId) },
            query: { section: toValue(section), first: toValue(first), second: toValue(second) },
          },
        }),
      ),
  })
}

/** What practitioners disagree about, and what this dog's owner chose. */
export function useSchools(dogId: MaybeRefOrGetter<number>) {
  const client = useQueryClient()
  const path = computed(() => ({ dogId: toValue(dogId) }))
  const schools = useQuery({
    queryKey: ['schools', computed(() => toValue(dogId))],
    queryFn: () => ask(api.GET('/api/dogs/{dogId}/schools', { params: { path: path.value } })),
  })
  const choose = useMutation({
    mutationFn: (body: ApproachForm) =>
      ask(api.PUT('/api/dogs/{dogId}/approach', { params: { path: path.value }, body })),
    // Another tool leads: minutes, layers and what to buy follow.
    onSuccess: () => client.invalidateQueries(),
  })
  return { schools, choose }
}
