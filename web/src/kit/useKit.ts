import { useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask } from '@/api/client'
import { useChange, useDogView } from '@/api/queries'
import type { ApproachForm, Section } from '@/api/types'

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

/** What practitioners disagree about, and what this dog's owner chose: minutes, layers and what to buy follow. */
export function useSchools(dogId: MaybeRefOrGetter<number>) {
  return {
    schools: useDogView('schools', dogId),
    choose: useChange((body: ApproachForm) =>
      api.PUT('/api/dogs/{dogId}/approach', { params: { path: { dogId: toValue(dogId) } }, body }),
    ),
  }
}
