<script setup lang="ts">
import { computed, ref } from 'vue'
import { useDogView, useSections } from '@/api/queries'
import type { Section } from '@/api/types'
import CoatMap from '@/bodymap/CoatMap.vue'
import type { Paint } from '@/bodymap/paints'
import { useDrawnDog } from '@/coat/useCoat'
import PageState from '@/shell/PageState.vue'
import SubNav from '@/shell/SubNav.vue'
import { useUnits } from '@/shell/useUnits'
import FitMark from './FitMark.vue'
import NeedDetail from './NeedDetail.vue'
import ToolShape from './ToolShape.vue'
import { kitPages } from './pages'
import { neversOf } from './places'
import { useKitGroups } from './useKitGroups'

const props = defineProps<{ dogId: number }>()

const { names, named } = useSections()
const { say } = useUnits()
const drawn = useDrawnDog(() => props.dogId)
const kit = useDogView('kit', () => props.dogId)

const chosen = ref<Section>()
const need = computed(() => kit.data.value?.needs.find((n) => n.section === chosen.value))
const groups = useKitGroups(() => kit.data.value?.needs, named)
const missing = computed(() => groups.value.filter((g) => g.need.brushed && !g.need.own))

const paint = computed<Partial<Record<Section, Paint>>>(() =>
  Object.fromEntries(
    groups.value.flatMap((group) =>
      group.sections.map((section) => [
        section,
        { fill: group.wash, letter: group.letter, says: `${group.letter}, ${group.title}` },
      ]),
    ),
  ),
)
const nevers = computed(() => neversOf(kit.data.value?.needs))
</script>

<template>
  <PageState :pending="!kit.data.value" :error="kit.error.value" @retry="kit.refetch()">
    <div v-if="kit.data.value">
      <SubNav label="Kit" :pages="kitPages(dogId)" />
      <div class="with-map">
        <CoatMap
          :names="names"
          :dog="drawn"
          :paint="paint"
          :selected="chosen ? [chosen] : []"
          @choose="chosen = $event"
        />
        <div>
          <template v-if="need">
            <button type="button" class="back" @click="chosen = undefined">← the whole dog</button>
            <NeedDetail :dog-id="dogId" :need="need" :name="names[need.section]!" />
          </template>
          <template v-else>
            <h2>Which tool goes where</h2>
            <p v-if="kit.data.value.incomplete" class="caution">
              <strong>No comb in the drawer.</strong> {{ say(kit.data.value.incomplete.text) }}
            </p>
            <section
              v-for="group in groups"
              :key="group.letter"
              class="lead"
              :class="{ missing: missing.includes(group) }"
            >
              <span class="swatch slab" :style="{ background: group.wash }">{{ group.letter }}</span>
              <ToolShape class="shape" :kind="group.kind" />
              <div>
                <h3>
                  <span>{{ group.title }}</span> <FitMark v-if="group.need.own" :fit="group.need.own" bare /><em
                    v-else-if="group.need.brushed"
                    >not in your drawer</em
                  >
                </h3>
                <p v-if="group.order" class="wants">{{ group.order }}</p>
                <p v-if="group.wants" class="wants quiet">{{ group.need.own ? 'asked for: ' : '' }}{{ group.wants }}</p>
                <p class="places">
                  <button
                    v-for="place in group.places"
                    :key="place.section"
                    type="button"
                    @click="chosen = place.section"
                  >
                    {{ place.label }}
                  </button>
                </p>
              </div>
            </section>
            <p v-if="missing.length" class="next">
              <v-btn color="primary" :to="`/dogs/${dogId}/kit/buy`">The least to buy</v-btn>
            </p>
            <details class="never">
              <summary>Never on this dog, and why</summary>
              <ul>
                <li v-for="n in nevers" :key="n.why.rule">
                  <b>{{ n.label }}</b> — {{ say(n.why.text) }}
                </li>
              </ul>
            </details>
          </template>
        </div>
      </div>
    </div>
  </PageState>
</template>

<style scoped>
.back {
  text-decoration: underline dotted;
  text-underline-offset: 4px;
  min-height: 44px;
}
.lead {
  padding: 10px 0;
  display: grid;
  grid-template-columns: 36px 40px 1fr;
  gap: 14px;
  border-bottom: 1px dashed rgb(var(--v-theme-seam));
}
.lead h3 {
  font-size: 1.22rem;
  margin-bottom: 2px;
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: center;
}
.lead h3 span::first-letter {
  text-transform: uppercase;
}
.lead h3 > span:first-child {
  display: block;
}
.lead h3 :deep(.fit) {
  font-family: var(--sans);
  font-weight: 400;
}
.lead em {
  font: 700 0.92rem var(--sans);
  color: rgb(var(--v-theme-primary));
}
.shape {
  width: 40px;
}
.wants {
  font-size: 0.95rem;
}
.swatch {
  width: 36px;
  height: 36px;
  display: grid;
  place-items: center;
  font-size: 1.15rem;
  border-radius: 9px 7px 10px 6px;
  border: 1.5px solid rgb(var(--v-theme-ink));
}
.places {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 4px;
  max-width: none;
  margin-left: -6px;
}
.places button {
  min-width: 44px;
  min-height: 44px;
  padding: 4px 6px;
  font-size: 0.93rem;
  text-decoration: underline dotted;
  text-underline-offset: 4px;
  border-radius: 6px;
}
.places button:hover {
  background: rgb(var(--v-theme-wool));
}
@media (hover: none) {
  .places button {
    min-height: 44px;
  }
}
.next {
  margin: 16px 0;
}
.never {
  margin-top: 14px;
}
.never summary {
  cursor: pointer;
  min-height: 44px;
  text-decoration: underline dotted;
  text-underline-offset: 4px;
  width: fit-content;
}
.never ul {
  padding-left: 18px;
  max-width: 68ch;
}
.never li {
  margin: 6px 0;
}
.never b {
  display: inline-block;
}
.never b::first-letter {
  text-transform: uppercase;
}
</style>
