<script setup lang="ts">
import { ref } from 'vue'
import type { Sign } from '@/api/types'
import choices from '@/api/choices'
import { labelOf } from '@/api/words'
import PageState from '@/shell/PageState.vue'
import SubNav from '@/shell/SubNav.vue'
import TickBox from '@/shell/TickBox.vue'
import { useUnits } from '@/shell/useUnits'
import { trustPages } from './pages'
import { useFuss } from './useTrust'

const props = defineProps<{ dogId: number }>()

const { say } = useUnits()
const seen = ref<Sign[]>([])
const fuss = useFuss(() => props.dogId, seen)

function toggle(sign: Sign) {
  seen.value = seen.value.includes(sign) ? seen.value.filter((shown) => shown !== sign) : [...seen.value, sign]
}
</script>

<template>
  <SubNav label="Trust" :pages="trustPages(dogId)" />
  <PageState :pending="!fuss.data.value" :error="fuss.error.value" @retry="fuss.refetch()">
    <div v-if="fuss.data.value" class="grid grid-cols-2 gap-40 items-start max-md:grid-cols-1 max-md:gap-20">
      <fieldset class="border-0 p-0">
        <legend class="slab text-2xl p-0 mb-8">What do you see?</legend>
        <TickBox
          v-for="one in choices.FussOrFearSign"
          :key="one.value"
          :on="seen.includes(one.value)"
          @toggle="toggle(one.value)"
          >{{ one.label }}</TickBox
        >
      </fieldset>
      <section
        class="cloth sticky top-16 py-24 px-28"
        aria-live="polite"
        :class="seen.length ? fuss.data.value.answer.toLowerCase() : ''"
      >
        <template v-if="seen.length">
          <p class="quiet">What that looks like</p>
          <h2 class="text-5xl text-heather">{{ labelOf('FussOrFearLikely', fuss.data.value.answer) }}</h2>
          <p v-for="reason in fuss.data.value.reasons" :key="reason.rule" :data-rule="reason.rule">
            {{ say(reason.text) }}
          </p>
        </template>
        <template v-else>
          <h2 class="text-5xl text-heather">Hands off while you look</h2>
          <p>Tick what you see, as much of it as there is. If in doubt, it is fear.</p>
        </template>
        <p class="quiet">Rustic Tangle does not diagnose. Vets and certified trainers decide.</p>
      </section>
    </div>
  </PageState>
</template>

<style scoped>
fieldset button {
  border-bottom: 1.5px dashed rgb(var(--v-theme-seam));
}
fieldset button[aria-checked='true'] {
  font-weight: 700;
}
.cloth > * {
  position: relative;
  z-index: 1;
}
.might_hurt h2 {
  color: rgb(var(--v-theme-error));
}
</style>
