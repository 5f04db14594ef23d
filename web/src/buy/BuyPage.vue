<script setup lang="ts">
import { computed } from 'vue'
import { useDogView, useSections } from '@/api/queries'
import type { Purchase, Section } from '@/api/types'
import { labelOf } from '@/api/words'
import CoatMap from '@/bodymap/CoatMap.vue'
import type { Paint } from '@/bodymap/paints'
import { useDrawnDog } from '@/coat/useCoat'
import PageState from '@/shell/PageState.vue'
import SubNav from '@/shell/SubNav.vue'
import { useUnits } from '@/shell/useUnits'
import LeastToPay from './LeastToPay.vue'
import ToolShape from '@/kit/ToolShape.vue'
import { kitPages } from '@/kit/pages'
import { placesInShort } from '@/kit/places'
import ActKey from '@/shell/ActKey.vue'

const props = defineProps<{ dogId: number }>()

const { names, named } = useSections()
const { say } = useUnits()
const drawn = useDrawnDog(() => props.dogId)
const purchases = useDogView('purchases', () => props.dogId)
const plan = computed(() => purchases.data.value)

const paint = computed<Partial<Record<Section, Paint>>>(() => {
  const washes: Partial<Record<Section, Paint>> = {}
  plan.value?.buy.forEach((purchase, i) =>
    purchase.serves.forEach((section) => {
      const letter = (washes[section]?.letter ?? '') + String(i + 1)
      washes[section] = {
        fill: 'rgba(var(--v-theme-primary), 0.35)',
        letter,
        says: `waits for ${letter.split('').join(' and ')}`,
      }
    }),
  )
  return washes
})
const inAShop = ({ kind, lookFor, caution }: Purchase) =>
  `${[labelOf('ToolKind', kind), ...lookFor.map(say)].join(', ')}. ${caution ? say(caution.text) : ''}`
const isOne = (purchase: Purchase) => JSON.stringify(purchase) === JSON.stringify(plan.value?.justOne)
const oneApart = computed(() => (plan.value?.justOne && !plan.value.buy.some(isOne) ? plan.value.justOne : undefined))
</script>

<template>
  <PageState :pending="!plan" :error="purchases.error.value" @retry="purchases.refetch()">
    <div v-if="plan">
      <SubNav label="Kit" :pages="kitPages(dogId)" />
      <div class="with-map">
        <CoatMap :names="names" :dog="drawn" :paint="paint" still />
        <div>
          <template v-if="plan.buy.length">
            <h2>The least to buy: {{ plan.buy.length === 1 ? 'one thing' : `${plan.buy.length} things` }}</h2>
            <p>{{ say(plan.why.text) }}<template v-if="!plan.leftAtWillDo"> You do not need more.</template></p>
            <p v-if="plan.untilGroom" :data-rule="plan.untilGroom.rule">{{ say(plan.untilGroom.text) }}</p>
            <ol class="list-none p-0 my-10 mx-0">
              <li
                v-for="(purchase, i) in plan.buy"
                class="grid grid-cols-[36px_56px_1fr] gap-14 py-14 px-0 seam-b"
                :key="i"
              >
                <span
                  class="slab w-36 h-36 grid place-items-center border-[1.5px] border-ink rounded-cut-sm bg-primary/35"
                  aria-hidden="true"
                  >{{ i + 1 }}</span
                >
                <ToolShape class="w-56" :kind="purchase.kind" />
                <div>
                  <h3 class="text-xl">
                    {{ labelOf('ToolKind', purchase.kind) }}
                    <em v-if="isOne(purchase)" class="font-sans font-bold text-sm leading-plain text-primary ml-8"
                      >if you buy just one thing</em
                    >
                  </h3>
                  <p v-if="purchase.lookFor.length">
                    <b>Look for:</b> {{ purchase.lookFor.map(say).join(', ') }}.
                    {{ purchase.caution ? say(purchase.caution.text) : '' }}
                  </p>
                  <p v-if="purchase.serves.length" class="quiet">
                    It serves {{ placesInShort(purchase.serves, named, 7) }}.
                  </p>
                  <p v-if="purchase.makeshift.length" class="quiet">
                    It will do at {{ placesInShort(purchase.makeshift, named, 4) }}.
                  </p>
                </div>
              </li>
            </ol>
            <LeastToPay :dog-id="dogId" :pay="plan.toPay" :fewest="plan.buy.map((purchase) => purchase.kind)" />
            <p v-if="oneApart" class="one flex gap-14 items-center my-12 mx-0">
              <ToolShape class="w-34 flex-none" :kind="oneApart.kind" /><span
                ><b>If you buy just one thing:</b> {{ inAShop(oneApart) }} It serves more open steps than any
                other.</span
              >
            </p>
          </template>
          <template v-else>
            <h2>Nothing to buy</h2>
            <p>{{ say(plan.why.text) }}</p>
          </template>
          <p v-if="plan.leftAtWillDo" class="quiet">
            {{ plan.buy.length ? 'After that' : 'Over the whole dog' }},
            {{ plan.leftAtWillDo === 1 ? 'one step is' : `${plan.leftAtWillDo} steps are` }} done by a tool that will
            do, rather than by one that is right.
          </p>
          <p v-if="plan.better" class="one flex gap-14 items-center my-12 mx-0">
            <ToolShape class="w-34 flex-none" :kind="plan.better.kind" /><span
              ><b>Better still:</b> {{ inAShop(plan.better) }} With it {{ plan.better.forSteps }} more steps are
              right.</span
            >
          </p>
          <p v-if="plan.forSmallMats" class="quiet">{{ say(plan.forSmallMats.text) }}</p>
          <p><ActKey variant="outlined" to="/drawer">To the drawer</ActKey></p>
        </div>
      </div>
    </div>
  </PageState>
</template>

<style scoped>
h3::first-letter {
  text-transform: uppercase;
}
p + .quiet,
.quiet + p {
  margin-top: 10px;
}
</style>
