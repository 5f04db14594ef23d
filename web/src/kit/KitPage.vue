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
import { TOOL_SHAPES } from './toolShapes'
import { useKitGroups, type KitGroup } from './useKitGroups'
import ActKey from '@/shell/ActKey.vue'

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
        { fill: group.wash, sign: TOOL_SHAPES[group.kind], letter: again(group), says: group.title },
      ]),
    ),
  ),
)
/** Two tools of one kind look alike on the dog: they are told apart by a letter. */
const again = (group: KitGroup) =>
  groups.value.filter((other) => other.kind === group.kind).length > 1 ? group.letter : undefined
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
            <button type="button" class="dotted min-h-44" @click="chosen = undefined">← the whole dog</button>
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
              class="lead py-10 px-0 grid grid-cols-[56px_1fr] gap-14 seam-b"
              :class="{ missing: missing.includes(group) }"
            >
              <span
                class="grid justify-items-center self-start py-6 rounded-cut-sm border-[1.5px] border-ink"
                :style="{ background: group.wash }"
                ><ToolShape class="w-34" :kind="group.kind" /><b v-if="again(group)" class="slab">{{
                  group.letter
                }}</b></span
              >
              <div>
                <h3 class="text-xl mb-2 flex flex-wrap gap-y-2 gap-x-14 items-center">
                  <span>{{ group.title }}</span> <FitMark v-if="group.need.own" :fit="group.need.own" bare /><em
                    v-else-if="group.need.brushed"
                    class="font-sans font-bold text-sm leading-plain text-primary"
                    >not in your drawer</em
                  >
                </h3>
                <p v-if="group.order" class="text-md">{{ group.order }}</p>
                <p v-if="group.wants" class="quiet text-md">
                  {{ group.need.own ? 'asked for: ' : '' }}{{ group.wants }}
                </p>
                <p class="places flex flex-wrap gap-y-2 gap-x-4 max-w-none -ml-6">
                  <button
                    v-for="place in group.places"
                    class="min-w-44 min-h-44 py-4 px-6 text-md dotted rounded-plain hover:bg-wool"
                    :key="place.section"
                    type="button"
                    @click="chosen = place.section"
                  >
                    {{ place.label }}
                  </button>
                </p>
              </div>
            </section>
            <p v-if="missing.length" class="next my-16 mx-0">
              <ActKey color="primary" :to="`/dogs/${dogId}/kit/buy`">The least to buy</ActKey>
            </p>
            <details class="never mt-14">
              <summary class="cursor-pointer min-h-44 dotted w-fit">Never on this dog, and why</summary>
              <ul class="pl-18 max-w-[68ch]">
                <li v-for="n in nevers" class="my-6 mx-0" :key="n.why.rule">
                  <b class="inline-block">{{ n.label }}</b> — {{ say(n.why.text) }}
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
@media (hover: none) {
  .places button {
    min-height: 44px;
  }
}
.never b::first-letter {
  text-transform: uppercase;
}
</style>
