<script setup lang="ts">
import { computed } from 'vue'
import { useDogView, useSections } from '@/api/queries'
import type { Section, ToolKind } from '@/api/types'
import { toolName } from '@/api/words'
import CoatMap from '@/bodymap/CoatMap.vue'
import type { Paint } from '@/bodymap/paints'
import { useDrawnDog } from '@/coat/useCoat'
import { useDog } from '@/dog/useDogs'
import CardTitle from '@/shell/CardTitle.vue'
import PageState from '@/shell/PageState.vue'
import SubNav from '@/shell/SubNav.vue'
import { useUnits } from '@/shell/useUnits'
import ToolShape from './ToolShape.vue'
import { kitPages } from './pages'
import { neversOf, placesOf } from './places'

const props = defineProps<{ dogId: number }>()

const { names, named } = useSections()
const { say } = useUnits()
const drawn = useDrawnDog(() => props.dogId)
const dog = useDog(() => props.dogId)
const kit = useDogView('kit', () => props.dogId)

interface CardStep {
  name: string
  manner: string
  missing: boolean
  kind: ToolKind
}

/** Places with the same tools in the same order, numbered on the map. */
const orders = computed(() => {
  const alike = new Map<string, { steps: CardStep[]; sections: Section[] }>()
  kit.data.value?.needs
    .filter((n) => n.brushed)
    .forEach((n) => {
      const steps = n.order.map((s): CardStep => ({
        name: toolName(s.tool, s.own),
        manner: s.mannerLabel,
        missing: s.missing,
        kind: s.own?.kind ?? s.tool,
      }))
      const key = JSON.stringify(steps)
      alike.set(key, { steps, sections: [...(alike.get(key)?.sections ?? []), n.section] })
    })
  return [...alike.values()].sort((a, b) => b.sections.length - a.sections.length)
})
const paint = computed<Partial<Record<Section, Paint>>>(() =>
  Object.fromEntries(
    orders.value.flatMap((order, i) =>
      order.sections.map((section) => [section, { letter: String(i + 1), says: `order ${i + 1}` }]),
    ),
  ),
)
const nevers = computed(() => neversOf(kit.data.value?.needs))
</script>

<template>
  <PageState :pending="!kit.data.value || !dog.data.value" :error="kit.error.value" @retry="kit.refetch()">
    <div v-if="kit.data.value && dog.data.value" class="card print:text-[9.5pt]">
      <SubNav label="Kit" :pages="kitPages(dogId)" />
      <CardTitle>{{ dog.data.value.form.name }}’s kit, in the order of use</CardTitle>
      <div class="cols grid grid-cols-[30%_1fr] gap-28 items-start">
        <CoatMap :names="names" :dog="drawn" :paint="paint" still />
        <div>
          <p v-if="!orders.length">Nothing is brushed on this dog.</p>
          <section
            v-for="(order, i) in orders"
            :key="i"
            class="grid grid-cols-[34px_1fr] gap-12 py-8 px-0 seam-b break-inside-avoid print:py-2 print:px-0 print:grid-cols-[26px_1fr] print:gap-8"
          >
            <span
              class="slab w-32 h-32 grid place-items-center border-[1.5px] border-ink rounded-cut-sm print:w-24 print:h-24"
              >{{ i + 1 }}</span
            >
            <div>
              <p class="where max-w-none text-md print:text-[8.2pt] print:leading-tight">
                {{
                  placesOf(order.sections, named)
                    .map((p) => p.label)
                    .join('; ')
                }}
              </p>
              <ol class="list-none p-0 flex flex-wrap gap-y-6 gap-x-22 mt-4 print:gap-y-2 print:gap-x-12 print:mt-1">
                <li
                  v-for="(step, k) in order.steps"
                  class="flex gap-8 items-center flex-[0_1_220px] text-md leading-tight print:text-[8.2pt] print:leading-tight print:basis-132 print:gap-5"
                  :key="k"
                >
                  <ToolShape class="w-24 flex-none print:w-13" :kind="step.kind" /><span
                    ><b class="inline-block">{{ step.name }}</b
                    >{{ step.missing ? ' (to buy)' : '' }}<br />{{ step.manner }}</span
                  >
                </li>
              </ol>
            </div>
          </section>
          <h3 class="mt-14 print:mt-6">Never</h3>
          <ul class="never pl-18 text-md print:text-[8.2pt] print:leading-tight">
            <li v-for="n in nevers" :key="n.why.rule">
              <b class="inline-block">{{ n.label }}</b> — {{ say(n.why.text) }}
            </li>
          </ul>
        </div>
      </div>
    </div>
  </PageState>
</template>

<style scoped>
.where::first-letter {
  text-transform: uppercase;
}
ol b::first-letter {
  text-transform: uppercase;
}
.never b::first-letter {
  text-transform: uppercase;
}
@media (max-width: 899px) {
  .cols {
    grid-template-columns: 1fr;
  }
}
@media print {
  .cols {
    grid-template-columns: 30% 1fr;
    gap: 14px;
  }
}
</style>
