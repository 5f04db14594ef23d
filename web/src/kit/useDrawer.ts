import { api } from '@/api/client'
import { useChange } from '@/api/queries'
import type { Fault, ToolForm } from '@/api/types'

/** What can be done with a tool. */
export function useToolActions() {
  const path = (toolId: number) => ({ params: { path: { toolId } } })
  return {
    save: useChange(({ toolId, form }: { toolId?: number; form: ToolForm }) =>
      toolId === undefined
        ? api.POST('/api/tools', { body: form })
        : api.PUT('/api/tools/{toolId}', { ...path(toolId), body: form }),
    ),
    remove: useChange((toolId: number) => api.DELETE('/api/tools/{toolId}', path(toolId))),
    restore: useChange((toolId: number) => api.POST('/api/tools/{toolId}/restore', path(toolId))),
    check: useChange(({ toolId, faults }: { toolId: number; faults: Fault[] }) =>
      api.POST('/api/tools/{toolId}/checks', { ...path(toolId), body: { faults } }),
    ),
    cleaned: useChange((toolId: number) => api.POST('/api/tools/{toolId}/cleaned', path(toolId))),
    notCleaned: useChange((path: { toolId: number; entryId: string }) =>
      api.DELETE('/api/tools/{toolId}/cleaned/{entryId}', { params: { path } }),
    ),
    replaced: useChange((toolId: number) => api.POST('/api/tools/{toolId}/replacement', path(toolId))),
    takeBack: useChange((path: { toolId: number; checkId: string }) =>
      api.DELETE('/api/tools/{toolId}/checks/{checkId}', { params: { path } }),
    ),
  }
}
