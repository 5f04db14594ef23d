import { useQuery } from '@tanstack/vue-query'
import { api, ask } from '@/api/client'
import { useChange } from '@/api/queries'

/** How often it is asked whether the phone that holds the code has come in. */
const LOOK_MS = 2000

/** The door to the home, with the devices that were let in; while a code waits it is looked at again and again. */
export const useHomeDoor = () =>
  useQuery({
    queryKey: ['home-door'],
    queryFn: () => ask(api.GET('/api/home-door')),
    refetchInterval: (query) => (query.state.data?.offer ? LOOK_MS : false),
  })

const key = () => ['home-door']

export const useStands = () => useChange((address?: string) => api.PUT('/api/home-door', { body: { address } }), key)

export const useOffer = () =>
  useChange(
    (offer: { name: string; role: 'OWNERS' | 'HELPERS' | 'CHILDS' }) =>
      api.POST('/api/home-door/offers', { body: offer }),
    key,
  )

export const useWithdraw = () => useChange(() => api.DELETE('/api/home-door/offers'), key)

export const usePutOut = () =>
  useChange((id: string) => api.DELETE('/api/home-door/devices/{id}', { params: { path: { id } } }), key)
