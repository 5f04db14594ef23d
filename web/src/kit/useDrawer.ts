import { useMutation, useQuery, useQueryClient } from '@tanstack/vue-query'
import { api, ask } from '@/api/client'
import type { Fault, ToolForm } from '@/api/types'

/** The household's drawer. */
export function useDrawer() {
  return useQuery({ queryKey: ['tools'], queryFn: () => ask(api.GET('/api/tools')) })
}

/** The kinds of tool there are. */
export function useToolKinds() {
  return useQuery({ queryKey: ['tool-kinds'], queryFn: () => ask(api.GET('/api/tools/kinds')), staleTime: Infinity })
}

/** What can be done with a tool. Everything matched depends on the drawer, so all is asked for anew. */
export function useToolActions() {
  const client = useQueryClient()
  const onSuccess = () => client.invalidateQueries()
  const path = (toolId: number) => ({ params: { path: { toolId } } })
  return {
    save: useMutation({
      mutationFn: ({ toolId, form }: { toolId?: number; form: ToolForm }) =>
        toolId === undefined
          ? ask(api.POST('/api/tools', { body: form }))
          : ask(api.PUT('/api/tools/{toolId}', { ...path(toolId), body: form })),
      onSuccess,
    }),
    remove: useMutation({
      mutationFn: (toolId: number) => ask(api.DELETE('/api/tools/{toolId}', path(toolId))),
      onSuccess,
    }),
    restore: useMutation({
      mutationFn: (toolId: number) => ask(api.POST('/api/tools/{toolId}/restore', path(toolId))),
      onSuccess,
    }),
    check: useMutation({
      mutationFn: ({ toolId, faults }: { toolId: number; faults: Fault[] }) =>
        ask(api.POST('/api/tools/{toolId}/checks', { ...path(toolId), body: { faults } })),
      onSuccess,
    }),
    cleaned: useMutation({
      mutationFn: (toolId: number) => ask(api.POST('/api/tools/{toolId}/cleaned', path(toolId))),
      onSuccess,
    }),
    notCleaned: useMutation({
      mutationFn: ({ toolId, entryId }: { toolId: number; entryId: string }) =>
        ask(api.DELETE('/api/tools/{toolId}/cleaned/{entryId}', { params: { path: { toolId, entryId } } })),
      onSuccess,
    }),
    replaced: useMutation({
      mutationFn: (toolId: number) => ask(api.POST('/api/tools/{toolId}/replacement', path(toolId))),
      onSuccess,
    }),
    takeBack: useMutation({
      mutationFn: ({ toolId, checkId }: { toolId: number; checkId: string }) =>
        ask(api.DELETE('/api/tools/{toolId}/checks/{checkId}', { params: { path: { toolId, checkId } } })),
      onSuccess,
    }),
  }
}
