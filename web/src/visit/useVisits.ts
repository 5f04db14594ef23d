import { useQuery } from '@tanstack/vue-query'
import { computed, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask } from '@/api/client'
import { MEANWHILE_THE_LAST, useChange, useDogView } from '@/api/queries'
import type { PriceForm, TradeTell, VisitForm, VisitsView } from '@/api/types'

/** Visits to the groomer, past and to come, and what they cost. */
export function useVisits(dogId: MaybeRefOrGetter<number>) {
  const path = () => ({ dogId: toValue(dogId) })
  return {
    visits: useDogView('visits', dogId),
    put: useChange(({ day, form }: { day: string; form: VisitForm }) =>
      api.PUT('/api/dogs/{dogId}/visits/{day}', { params: { path: { ...path(), day } }, body: form }),
    ),
    remove: useChange((day: string) =>
      api.DELETE('/api/dogs/{dogId}/visits/{day}', { params: { path: { ...path(), day } } }),
    ),
    setPrice: useChange((body: PriceForm) =>
      api.PUT('/api/dogs/{dogId}/groom-price', { params: { path: path() }, body }),
    ),
  }
}

/** Whether an appointment that was took place. */
export function useAppointment(dogId: MaybeRefOrGetter<number>) {
  const at = (day: string) => ({ params: { path: { dogId: toValue(dogId), day } } })
  return {
    happened: useChange((day: string) =>
      api.PUT('/api/dogs/{dogId}/visits/{day}', { ...at(day), body: { remarks: '', found: '', takeOver: false } }),
    ),
    undoHappened: useChange((day: string) => api.DELETE('/api/dogs/{dogId}/visits/{day}', at(day))),
    missed: useChange((day: string) => api.PUT('/api/dogs/{dogId}/appointments/{day}/missed', at(day))),
    undoMissed: useChange((day: string) => api.DELETE('/api/dogs/{dogId}/appointments/{day}/missed', at(day))),
  }
}

/** The appointment that is set, as {@link useSetGroom} takes it; undefined: none. */
export function asSet(view: VisitsView | undefined) {
  return view?.next ? { day: view.next, hour: view.nextHour?.slice(0, 5) } : undefined
}

/** When a groomer sees the dog next; undefined: nobody said. */
export function useSetGroom(dogId: MaybeRefOrGetter<number>) {
  return useChange((next: { day: string; hour?: string } | undefined) => {
    const path = { dogId: toValue(dogId) }
    return next
      ? api.PUT('/api/dogs/{dogId}/groom/{day}', {
          params: { path: { ...path, day: next.day }, query: { hour: next.hour || undefined } },
        })
      : api.DELETE('/api/dogs/{dogId}/groom', { params: { path } })
  })
}

/** The next groom out of a groomer's calendar file. */
export function useGroomFile(dogId: MaybeRefOrGetter<number>) {
  return useChange((body: string) =>
    api.POST('/api/dogs/{dogId}/groom-calendar', {
      params: { path: { dogId: toValue(dogId) } },
      body,
      bodySerializer: (text: string) => text,
      headers: { 'Content-Type': 'text/calendar' },
    }),
  )
}

/** The sheet for the groomer, and the owner's own words on it. */
export function useHandOver(dogId: MaybeRefOrGetter<number>) {
  return {
    sheet: useDogView('hand-over', dogId),
    setWords: useChange(
      (body: { wish: string; health: string }) =>
        api.PUT('/api/dogs/{dogId}/hand-over', { params: { path: { dogId: toValue(dogId) } }, body }),
      () => ['hand-over', toValue(dogId)],
    ),
  }
}

/** Two of length, minutes and weeks, for the third; what is not chosen is as usual. */
export interface TradeQuestion {
  tell?: TradeTell
  minutes?: number
  weeks?: number
  millimetres?: number
}

/** What length, minutes and money ask of one another. */
export function useTrade(dogId: MaybeRefOrGetter<number>, query: MaybeRefOrGetter<TradeQuestion>) {
  return useQuery({
    queryKey: ['trade', computed(() => toValue(dogId)), computed(() => toValue(query))],
    queryFn: () =>
      ask(api.GET('/api/dogs/{dogId}/trade', { params: { path: { dogId: toValue(dogId) }, query: toValue(query) } })),
    ...MEANWHILE_THE_LAST,
  })
}
