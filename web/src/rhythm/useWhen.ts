import { toValue, type MaybeRefOrGetter } from 'vue'
import { api } from '@/api/client'
import { useChange } from '@/api/queries'
import type { CareJob, LastCombed, LookedForm, Section } from '@/api/types'

/** When a comb last went to the skin everywhere, as the owner remembers it; and back. */
export function usePast(dogId: MaybeRefOrGetter<number>) {
  const path = () => ({ params: { path: { dogId: toValue(dogId) } } })
  return {
    say: useChange((lastCombed: LastCombed) => api.PUT('/api/dogs/{dogId}/past', { ...path(), body: { lastCombed } })),
    forget: useChange(() => api.DELETE('/api/dogs/{dogId}/past', path())),
  }
}

/** Somebody has seen a place, a job or a whole dog that was closed; and back. */
export function useSeen(dogId: MaybeRefOrGetter<number>) {
  const path = (section: Section) => ({ params: { path: { dogId: toValue(dogId), section } } })
  return {
    seen: useChange(({ section, ...body }: LookedForm & { section: Section }) =>
      api.PUT('/api/dogs/{dogId}/closed/{section}/seen', { ...path(section), body }),
    ),
    everywhere: useChange((body: LookedForm) =>
      api.PUT('/api/dogs/{dogId}/closed/seen', { params: { path: { dogId: toValue(dogId) } }, body }),
    ),
    job: useChange(({ job, ...body }: LookedForm & { job: CareJob }) =>
      api.PUT('/api/dogs/{dogId}/closed-jobs/{job}/seen', {
        params: { path: { dogId: toValue(dogId), job } },
        body,
      }),
    ),
    notSeen: useChange((section: Section) => api.DELETE('/api/dogs/{dogId}/closed/{section}/seen', path(section))),
  }
}
