import { useQuery } from '@tanstack/vue-query'
import { computed, type Ref } from 'vue'
import { api, ask } from '@/api/client'
import { FOR_GOOD, useChange } from '@/api/queries'
import type { CoatKind, DrawnLength, FirstTouch, History, LastCombed, LifeStage, Size, ToolKind } from '@/api/types'

/** What is known of a new dog so far, by a look at it; kept in this browser until it is sent. */
export interface FirstAnswers {
  name: string
  /** As its owner calls it. */
  breed: string
  /** The breed of the table that it looks like. */
  like?: string
  /** What coat it has, as far as can be seen; said where no breed tells. */
  kind?: CoatKind
  size?: Size
  lifeStage: LifeStage
  length?: DrawnLength
  tools: ToolKind[]
  history?: History
  lastCombed?: LastCombed
}

export const NOTHING_SAID: FirstAnswers = { name: '', breed: '', lifeStage: 'ADULT', tools: [] }

/** A puppy has no history; of another dog it is asked before anything else about brushing. */
export const asksForHistory = (said: FirstAnswers) => said.lifeStage !== 'PUPPY' && !said.history

/** The steps of the first path before anything is written, in order. */
export const STEPS = ['who', 'length', 'tools', 'trust'] as const
export type Step = (typeof STEPS)[number]

/** How a dog like this may look, by length. */
export const useLook = (said: Ref<FirstAnswers | undefined>) =>
  useQuery({
    queryKey: [
      'first-look',
      computed(() => said.value?.like),
      computed(() => said.value?.kind),
      computed(() => said.value?.lifeStage),
    ],
    queryFn: () =>
      ask(
        api.GET('/api/first-dogs/look', {
          params: {
            query: { like: said.value?.like, kind: said.value?.kind, lifeStage: said.value?.lifeStage ?? 'ADULT' },
          },
        }),
      ),
    placeholderData: <T>(last: T) => last,
    ...FOR_GOOD,
  })

/** Writes the dog with all that was said. */
export const useAddDog = () =>
  useChange((said: FirstAnswers) =>
    api.POST('/api/first-dogs', {
      body: {
        dog: {
          name: said.name,
          breed: said.breed,
          lifeStage: said.lifeStage,
          // A puppy has learned nothing bad yet; of a grown dog that nobody spoke of nothing is taken for granted.
          history: said.lifeStage === 'PUPPY' ? 'GENTLE' : (said.history ?? 'UNKNOWN_RESCUE'),
        },
        like: said.like,
        kind: said.kind,
        size: said.size,
        length: said.length!,
        tools: said.tools,
        lastCombed: said.lastCombed,
      },
    }),
  )

/** Keeps what came of the first touch. */
export function useFirstAnswer(dogId: () => number) {
  // However often it is sent, it is said once.
  const id = crypto.randomUUID()
  return useChange((outcome: FirstTouch['offers'][number]['outcome']) =>
    api.POST('/api/dogs/{dogId}/first-touch', { params: { path: { dogId: dogId() } }, body: { id, outcome } }),
  )
}
