import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask } from './client'
import type { Household, Section, SectionInfo } from './types'

/** The household and how it likes things shown. */
export function useHousehold() {
  return useQuery({ queryKey: ['household'], queryFn: () => ask(api.GET('/api/household')), staleTime: Infinity })
}

/** What the owner sees first: each dog, what is due, the session going on. */
export function useHome() {
  return useQuery({ queryKey: ['home'], queryFn: () => ask(api.GET('/api/home')) })
}

export function useSaveHousehold() {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (household: Household) => ask(api.PUT('/api/household', { body: household })),
    // The comfort setting moves every due date.
    onSuccess: () => client.invalidateQueries(),
  })
}

/** The places on a dog: the list, and each one's name. */
export function useSections() {
  const query = useQuery({ queryKey: ['sections'], queryFn: () => ask(api.GET('/api/sections')), staleTime: Infinity })
  const list = computed<SectionInfo[]>(() => query.data.value ?? [])
  const names = computed(
    () => Object.fromEntries(list.value.map((s) => [s.section, s.label])) as Partial<Record<Section, string>>,
  )
  const named = computed(
    () => Object.fromEntries(list.value.map((s) => [s.section, s])) as Partial<Record<Section, SectionInfo>>,
  )
  return { list, names, named }
}

/** The breeds and crosses known, each with the coat it usually carries. */
export function useBreeds() {
  return useQuery({ queryKey: ['breeds'], queryFn: () => ask(api.GET('/api/breeds')), staleTime: Infinity })
}

/** The mats left in a dog's hair and not cleared since. */
export function useMats(dogId: MaybeRefOrGetter<number>) {
  return useQuery({
    queryKey: ['mats', computed(() => toValue(dogId))],
    queryFn: () => ask(api.GET('/api/dogs/{dogId}/mats', { params: { path: { dogId: toValue(dogId) } } })),
  })
}
