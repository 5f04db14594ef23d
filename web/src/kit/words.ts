import type { ToolForm } from '@/api/types'

/**
 * A tool of this kind before anything is measured.
 *
 * @param otherFace of the brush whose other face it is; undefined: it is a thing of its own
 */
export function newTool(kind: ToolForm['kind'], otherFace?: number): ToolForm {
  return { name: '', kind, flexible: false, otherFace }
}
