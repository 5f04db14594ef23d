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
    <div v-if="kit.data.value && dog.data.value" class="card">
      <SubNav label="Kit" :pages="kitPages(dogId)" />
      <CardTitle>{{ dog.data.value.form.name }}’s kit, in the order of use</CardTitle>
      <div class="cols">
        <CoatMap :names="names" :dog="drawn" :paint="paint" still />
        <div>
          <p v-if="!orders.length">Nothing is brushed on this dog.</p>
          <section v-for="(order, i) in orders" :key="i" class="order">
            <span class="no slab">{{ i + 1 }}</span>
            <div>
              <p class="where">
                {{
                  placesOf(order.sections, named)
                    .map((p) => p.label)
                    .join('; ')
                }}
              </p>
              <ol>
                <li v-for="(step, k) in order.steps" :key="k">
                  <ToolShape class="shape" :kind="step.kind" /><span
                    ><b>{{ step.name }}</b
                    >{{ step.missing ? ' (to buy)' : '' }}<br />{{ step.manner }}</span
                  >
                </li>
              </ol>
            </div>
          </section>
          <h3>Never</h3>
          <ul class="never">
            <li v-for="n in nevers" :key="n.why.rule">
              <b>{{ n.label }}</b> — {{ say(n.why.text) }}
            </li>
          </ul>
        </div>
      </div>
    </div>
  </PageState>
</template>

<style scoped>
.cols {
  display: grid;
  grid-template-columns: 30% 1fr;
  gap: 28px;
  align-items: start;
}
.order {
  display: grid;
  grid-template-columns: 34px 1fr;
  gap: 12px;
  padding: 8px 0;
  border-bottom: 1px dashed rgb(var(--v-theme-seam));
  break-inside: avoid;
}
.no {
  width: 32px;
  height: 32px;
  display: grid;
  place-items: center;
  border: 1.5px solid rgb(var(--v-theme-ink));
  border-radius: 8px 7px 9px 6px;
}
.where {
  max-width: none;
  font-size: 0.93rem;
}
.where::first-letter {
  text-transform: uppercase;
}
ol {
  list-style: none;
  padding: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 6px 22px;
  margin-top: 4px;
}
ol li {
  display: flex;
  gap: 8px;
  align-items: center;
  flex: 0 1 220px;
  font-size: 0.93rem;
  line-height: 1.2;
}
ol b {
  display: inline-block;
}
ol b::first-letter {
  text-transform: uppercase;
}
.shape {
  width: 24px;
  flex: none;
}
h3 {
  margin-top: 14px;
}
.never {
  padding-left: 18px;
  font-size: 0.93rem;
}
.never b {
  display: inline-block;
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
  .card {
    font-size: 9.5pt;
  }
  .order {
    padding: 2px 0;
    grid-template-columns: 26px 1fr;
    gap: 8px;
  }
  .no {
    width: 24px;
    height: 24px;
  }
  .where,
  ol li,
  .never {
    font-size: 8.2pt;
    line-height: 1.15;
  }
  ol {
    gap: 2px 12px;
    margin-top: 1px;
  }
  ol li {
    flex-basis: 132px;
    gap: 5px;
  }
  .shape {
    width: 13px;
  }
  h3 {
    margin-top: 6px;
  }
}
</style>
