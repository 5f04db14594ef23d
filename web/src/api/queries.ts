import { useMutation, useQuery, useQueryClient, type QueryKey } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter, type Ref } from 'vue'
import { api, ask, type Answer } from './client'
import type { paths } from './schema'
import type { Household, Section, SectionInfo } from './types'

/** What is answered at a path. */
type Shown<P> = P extends { get: { responses: { 200: { content: { 'application/json': infer View } } } } }
  ? View
  : never
/** What is answered under a beginning, by the rest of the path, where that has no further parameters. */
type ShownUnder<Begin extends string> = {
  [
    P in keyof paths as P extends `${Begin}${infer Name}`
      ? Name extends `${string}{${string}`
        ? never
        : Shown<paths[P]> extends never
          ? never
          : Name
      : never
  ]: Shown<paths[P]>
}
type Views = ShownUnder<'/api/'>
type DogViews = ShownUnder<'/api/dogs/{dogId}/'>

/** Something that does not change while the page is open. */
export const FOR_GOOD = { staleTime: Infinity }
/** While another answer is on its way the last one stays. */
export const MEANWHILE_THE_LAST = { placeholderData: <T>(last: T) => last }
type Manner = Partial<typeof FOR_GOOD> & Partial<typeof MEANWHILE_THE_LAST>

/** How the household's view of this name is asked for. */
export const viewQuery = <N extends keyof Views>(name: N) => ({
  queryKey: [name],
  queryFn: () => ask(api.GET(`/api/${name}` as never) as Promise<Answer<Views[N]>>),
})

/** What is shown of the household under this name: `week` of `/api/week`. */
export function useView<N extends keyof Views>(name: N, manner: Manner = {}) {
  return useQuery<Views[N]>({ ...viewQuery(name), ...(manner as object) })
}

/** What is shown of a dog under this name: `trust` of `/api/dogs/{dogId}/trust`. */
export function useDogView<N extends keyof DogViews>(name: N, dogId: MaybeRefOrGetter<number>, manner: Manner = {}) {
  return useQuery<DogViews[N]>({
    queryKey: [name, computed(() => toValue(dogId))],
    queryFn: () => {
      const params = { path: { dogId: toValue(dogId) } }
      return ask(api.GET(`/api/dogs/{dogId}/${name}` as never, { params } as never) as Promise<Answer<DogViews[N]>>)
    },
    ...(manner as object),
  })
}

/**
 * What has come to its turn by a day and waits on it, and why.
 *
 * @param open asked for only then
 */
export const useWaits = (day: () => string, open: Ref<boolean>) =>
  useQuery({
    queryKey: ['waits', day],
    queryFn: () => ask(api.GET('/api/waits/{day}', { params: { path: { day: day() } } })),
    enabled: open,
  })

/**
 * Something that can be changed. Much follows from little here, so all that is shown is asked for anew.
 *
 * @param key where the answer itself is shown at once
 */
export function useChange<Said = void, View = unknown>(
  change: (said: Said) => Promise<Answer<View>>,
  key?: () => QueryKey,
) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (said: Said) => ask(change(said)),
    onSuccess: (view) => {
      if (key) client.setQueryData(key(), view)
      return client.invalidateQueries()
    },
  })
}

/** The household and how it likes things shown. */
export const useHousehold = () => useView('household', FOR_GOOD)

// The comfort setting moves every due date.
export const useSaveHousehold = () => useChange((body: Household) => api.PUT('/api/household', { body }))

/** The places on a dog: the list, and each one's name. */
export function useSections() {
  const query = useView('sections', FOR_GOOD)
  const list = computed<SectionInfo[]>(() => query.data.value ?? [])
  const names = computed(
    () => Object.fromEntries(list.value.map((s) => [s.section, s.label])) as Partial<Record<Section, string>>,
  )
  const named = computed(
    () => Object.fromEntries(list.value.map((s) => [s.section, s])) as Partial<Record<Section, SectionInfo>>,
  )
  return { list, names, named }
}
