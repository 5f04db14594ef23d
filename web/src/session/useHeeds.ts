import { computed, ref, type Ref } from 'vue'
import type { Section, SessionView } from '@/api/types'
import { matSize } from '@/rhythm/words'
import { useUnits } from '@/shell/useUnits'
import { heedsOf } from './heeds'
import { nameWithin, tooOf } from './phrases'

/** What hands must know of the places in hand, and where somebody has looked since. */
export function useHeeds(
  view: Ref<SessionView | undefined>,
  names: Ref<Partial<Record<Section, string>>>,
  label: Ref<string>,
) {
  const { say, date } = useUnits()
  const looked = ref(new Set<Section>())
  const heeds = computed(() =>
    view.value
      ? heedsOf(view.value, say, (mat) => `on ${date(mat.since)}${mat.found ? `, ${say(matSize(mat.found))}` : ''}`)
      : [],
  )
  return {
    heeds,
    closed: computed(() => heeds.value.filter((heed) => heed.what === 'CLOSED').map((heed) => heed.section)),
    /** What the one big button asks besides. */
    too: computed(() =>
      tooOf(
        heeds.value
          .filter((heed) => !looked.value.has(heed.section))
          .map((heed) => nameWithin(names.value[heed.section] ?? '', label.value)),
      ),
    ),
    look: (section: Section) => void (looked.value = new Set(looked.value).add(section)),
  }
}
