import { reactive } from 'vue'

interface Notice {
  open: boolean
  text: string
  undo?: () => void
}

const notice = reactive<Notice>({ open: false, text: '' })

/** The one line at the foot of the screen that says what was done and offers to take it back. */
export function useNotice() {
  return {
    notice,
    tell(text: string, undo?: () => void) {
      Object.assign(notice, { open: true, text, undo })
    },
    /** What it said is past. */
    hush() {
      Object.assign(notice, { open: false, undo: undefined })
    },
  }
}
