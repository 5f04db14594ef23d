import { keepPreviousData, useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask } from '@/api/client'
import type { PriceForm, TradeTell, VisitForm, VisitsView } from '@/api/types'

/** Visits to the groomer, past and to come, and what they cost. */
export function useVisits(dogId: MaybeRefOrGetter<number>) {
  const client = useQueryClient()
  const path = () => ({ dogId: toValue(dogId) })
  const visits = useQuery({
    queryKey: ['visits', computed(() => toValue(dogId))],
    queryFn: () => ask(api.GET('/api/dogs/{dogId}/visits', { params: { path: path() } })),
  })
  const changed = { onSuccess: () => client.invalidateQueries() }
  return {
    visits,
    put: useMutation({
      mutationFn: ({ day, form }: { day: string; form: VisitForm }) =>
        ask(api.PUT('/api/dogs/{dogId}/visits/{day}', { params: { path: { ...path(), day } }, body: form })),
      ...changed,
    }),
    remove: useMutation({
      mutationFn: (day: string) =>
        ask(api.DELETE('/api/dogs/{dogId}/visits/{day}', { params: { path: { ...path(), day } } })),
      ...changed,
    }),
    setPrice: useMutation({
      mutationFn: (form: PriceForm) =>
        ask(api.PUT('/api/dogs/{dogId}/groom-price', { params: { path: path() }, body: form })),
      ...changed,
    }),
  }
}

/** Whether an appointment that was took place. */
export function useAppointment(dogId: MaybeRefOrGetter<number>) {
  const client = useQueryClient()
  const at = (day: string) => ({ params: { path: { dogId: toValue(dogId), day } } })
  const changed = { onSuccess: () => client.invalidateQueries() }
  return {
    happened: useMutation({
      mutationFn: (day: string) =>
        ask(
          api.PUT('/api/dogs/{dogId}/visits/{day}', { ...at(day), body: { remarks: '', found: '', takeOver: false } }),
        ),
      ...changed,
    }),
    undoHappened: useMutation({
      mutationFn: (day: string) => ask(api.DELETE('/api/dogs/{dogId}/visits/{day}', at(day))),
      ...changed,
    }),
    missed: useMutation({
      mutationFn: (day: string) => ask(api.PUT('/api/dogs/{dogId}/appointments/{day}/missed', at(day))),
      ...changed,
    }),
    undoMissed: useMutation({
      mutationFn: (day: string) => ask(api.DELETE('/api/dogs/{dogId}/appointments/{day}/missed', at(day))),
      ...changed,
    }),
  }
}

/** When a groomer sees the dog next; undefined: nobody said. */
/** The appointment that is set, as {@link useSetGroom} takes it; undefined: none. */
export function asSet(view: VisitsView | undefined) {
  return view?.next ? { day: view.next, hour: view.nextHour?.slice(0, 5) } : undefined
}

export function useSetGroom(dogId: MaybeRefOrGetter<number>) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (next: { day: string; hour?: string } | undefined) => {
      const path = { dogId: toValue(dogId) }
      return ask(
        next
          ? api.PUT('/api/dogs/{dogId}/groom/{day}', {
              params: { path: { ...path, day: next.day }, query: { hour: next.hour || undefined } },
            })
          : api.DELETE('/api/dogs/{dogId}/groom', { params: { path } }),
      )
    },
    onSuccess: () => client.invalidateQueries(),
  })
}

/** The next groom out of a groomer's calendar file. */
export function useGroomFile(dogId: MaybeRefOrGetter<number>) {
  const client = useQueryClient()
  return useMutation({
    mutationFn: (file: string) =>
      ask(
        api.POST('/api/dogs/{dogId}/groom-calendar', {
          params: { path: { dogId: toValue(dogId) } },
          body: file,
          bodySerializer: (text: string) => text,
          headers: { 'Content-Type': 'text/calendar' },
        }),
      ),
    onSuccess: () => client.invalidateQueries(),
  })
}

/** The sheet for the groomer, and the owner's own words on it. */
export function useHandOver(dogId: MaybeRefOrGetter<number>) {
  const client = useQueryClient()
  const key = computed(() => ['hand-over', toValue(dogId)])
  const path = () => ({ dogId: toValue(dogId) })
  const sheet = useQuery({
    queryKey: key,
    queryFn: () => ask(api.GET('/api/dogs/{dogId}/hand-over', { params: { path: path() } })),
  })
  const setWords = useMutation({
    mutationFn: (body: { wish: string; health: string }) =>
      ask(api.PUT('/api/dogs/{dogId}/hand-over', { params: { path: path() }, body })),
    onSuccess: (view) => client.setQueryData(key.value, view),
  })
  return { sheet, setWords }
}

/** Two of length, minutes and weeks, for the third; what is not chosen is as usual. */
export interface TradeQuestion {
  tell?: TradeTell
  minutes?: number
  weeks?: number
  millimetres?: number
}

/** What length, minutes and money ask of one another; while another answer is on its way the last one stays. */
export function useTrade(dogId: MaybeRefOrGetter<number>, query: MaybeRefOrGetter<TradeQuestion>) {
  return useQuery({
    queryKey: ['trade', computed(() => toValue(dogId)), computed(() => toValue(query))],
    queryFn: () =>
      ask(api.GET('/api/dogs/{dogId}/trade', { params: { path: { dogId: toValue(dogId) }, query: toValue(query) } })),
    placeholderData: keepPreviousData,
  })
}
