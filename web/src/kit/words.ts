import type { ToolForm } from '@/api/types'

/** A tool of this kind before anything is measured. */
export function newTool(kind: ToolForm['kind']): ToolForm {
  return { name: '', kind, flexible: false }
}
