import { useQuery, useQueryClient } from '@tanstack/vue-query'
import { computed, ref, toValue, type MaybeRefOrGetter } from 'vue'
import { api, ask, detailsOf } from '@/api/client'
import { FOR_GOOD, useChange, useView } from '@/api/queries'
import type {
  BathKind,
  BathView,
  CareJob,
  CareOutcome,
  DogCare,
  ClawResult,
  ClawsView,
  Paw,
  Section,
  Signal,
  Subject,
  Supply,
  Warning,
} from '@/api/types'
import { labelOf } from '@/api/words'
import { useOutbox } from '@/shell/useOutbox'

/** One job, step by step. */
export function useSteps(dogId: number, job: CareJob) {
  return useQuery({
    queryKey: ['care-steps', dogId, job],
    queryFn: () => ask(api.GET('/api/dogs/{dogId}/care/{job}/steps', { params: { path: { dogId, job } } })),
    ...FOR_GOOD,
  })
}

export function useBath(dogId: number, kind: MaybeRefOrGetter<BathKind>) {
  return useQuery({
    queryKey: ['bath', dogId, computed(() => toValue(kind))],
    queryFn: () =>
      ask(api.GET('/api/dogs/{dogId}/bath', { params: { path: { dogId }, query: { kind: toValue(kind) } } })),
  })
}

/** Whether the front and the hind paws have dew claws, and whether claws are dark. */
export function useClawKind(dogId: number) {
  return useChange(
    (body: { frontDew: boolean; hindDew: boolean; dark: boolean }) =>
      api.PUT('/api/dogs/{dogId}/claws', { params: { path: { dogId } }, body }),
    () => ['claws', dogId],
  )
}

/** The owner's own interval, days; undefined: as usual. */
export function useEvery(dogId: MaybeRefOrGetter<number>) {
  return useChange(
    ({ job, ...body }: { job: CareJob; days?: number; ordered: boolean }) =>
      api.PUT('/api/dogs/{dogId}/care/{job}/every', {
        params: { path: { dogId: toValue(dogId), job } },
        body,
      }),
    () => ['care', toValue(dogId)],
  )
}

/** Things in the drawer that are no brushes. */
export function useSupplies() {
  return {
    supplies: useView('supplies'),
    put: useChange(
      ({ kind, have, parts }: { kind: Supply; have: boolean; parts?: number }) =>
        have
          ? api.PUT('/api/supplies/{kind}', { params: { path: { kind } }, body: { parts } })
          : api.DELETE('/api/supplies/{kind}', { params: { path: { kind } } }),
      () => ['supplies'],
    ),
  }
}

/** What is said at the table. It is sent at once; while the server is away it waits in this browser. */
export function useAtTheTable(dogId: number, job: CareJob) {
  const client = useQueryClient()
  const refused = ref<string>()
  /** The entries of this visit to the table, the newest last. */
  const said = ref<string[]>([])
  const outbox = useOutbox<DogCare | BathView | ClawsView>({
    name: `care:${dogId}:${job}`,
    stored: (view) => {
      if ('jobs' in view) client.setQueryData(['care', dogId], view)
      else if ('gate' in view) client.setQueryData(['bath', dogId, view.kind], view)
      else client.setQueryData(['claws', dogId], view)
      void client.invalidateQueries({ predicate: (query) => query.queryKey[0] !== 'care-steps' })
    },
    refused: (problem, letter) => {
      refused.value = `This could not be kept: ${letter.words}. ${detailsOf(problem)}`
    },
  })
  function put(path: string, body: object, words: string) {
    const id = crypto.randomUUID()
    said.value.push(id)
    outbox.put({ id, method: 'POST', path: `/api/dogs/${dogId}/${path}`, body: { id, ...body }, words })
  }
  return {
    refused,
    said,
    waiting: outbox.waiting,
    saving: outbox.saving,
    /** @param learned the ladder that it was done with, where there is a choice */
    done: (outcome: CareOutcome, signal?: Signal, learned?: Subject) =>
      put(
        'care/done',
        { job, outcome, signal, with: learned, words: '' },
        `${labelOf('CareJob', job)}, ${labelOf('CareOutcome', outcome)}`,
      ),
    /** Hands off: kept at once as the least of it, wherever hands were; said again, it takes the place of that. */
    warned: (warning: Warning, sections: readonly Section[]) =>
      put('care/warnings', { job, warning, sections }, `${labelOf('CareJob', job)}: it ${labelOf('Warning', warning)}`),
    bathed: (kind: BathKind) => put('bath/bathed', { kind }, `a bath of ${labelOf('BathKind', kind)}`),
    searched: (sections: readonly Section[], lumps: readonly Section[]) =>
      put(
        'bath/searched',
        { sections, lumps },
        `a finger search, ${lumps.length ? `lumps at ${lumps.length}` : 'no lump'}`,
      ),
    felt: (section: Section, dry: boolean) =>
      put('bath/dryness', { section, dry }, `a place that is ${dry ? 'dry' : 'damp'}`),
    /** @param signal how the dog took it, asked where one was cut too short */
    claw: (paw: Paw, toe: number, result: ClawResult, signal?: Signal, learned?: Subject) =>
      put('claws', { paw, toe, result, signal, with: learned }, `a claw, ${labelOf('ClawResult', result)}`),
    undo() {
      const last = said.value.pop()
      if (last)
        outbox.put({
          id: crypto.randomUUID(),
          method: 'DELETE',
          path: `/api/dogs/${dogId}/care/entries/${last}`,
          words: 'something at the table taken back',
        })
    },
  }
}
