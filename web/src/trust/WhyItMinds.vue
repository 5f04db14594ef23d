<script setup lang="ts">
import { useDogView } from '@/api/queries'
import { labelOf } from '@/api/words'
import PageState from '@/shell/PageState.vue'
import { useUnits } from '@/shell/useUnits'

/** Four plain causes why a dog minds the brush, and only then fear; where what was said points to one, it says so. */
const props = defineProps<{ dogId: number }>()

const { say } = useUnits()
const why = useDogView('why-it-minds', () => props.dogId)
</script>

<template>
  <PageState :pending="!why.data.value" :error="why.error.value" @retry="why.refetch()">
    <ol class="causes">
      <li v-for="cause in why.data.value" :key="cause.what" :class="{ suspected: cause.suspected }">
        <h3 class="mt-0 mx-0 mb-4">{{ labelOf('WhyItMindsWhat', cause.what) }}</h3>
        <p v-if="cause.suspected" class="font-bold text-primary">What was said points here.</p>
        <p v-for="reason in cause.reasons" :key="reason.rule" :data-rule="reason.rule">{{ say(reason.text) }}</p>
        <p v-if="cause.tools.length">
          Palm test:
          <template v-for="(tool, i) in cause.tools" :key="tool.id"
            >{{ i ? ', ' : ''
            }}<router-link :to="`/drawer?tool=${tool.id}`">{{ tool.shownName }}</router-link></template
          >
        </p>
        <p v-if="cause.what === 'HAND'">
          <router-link :to="`/dogs/${dogId}/kit/lesson`">Five minutes for your hand</router-link>
        </p>
        <p v-if="cause.what === 'FEAR'">
          <router-link :to="`/dogs/${dogId}/dog/trust/fuss`">Fuss or fear? What do you see?</router-link>
        </p>
      </li>
    </ol>
    <p class="quiet">Rustic Tangle does not diagnose. Vets and certified trainers decide.</p>
  </PageState>
</template>

<style scoped>
.causes {
  list-style: none;
  counter-reset: cause;
  padding: 0;
  max-width: 76ch;
}
li {
  counter-increment: cause;
  position: relative;
  padding: 12px 0 12px 52px;
  border-bottom: 1.5px dashed rgb(var(--v-theme-seam));
}
li::before {
  content: counter(cause);
  position: absolute;
  left: 16px;
  top: 8px;
  font: 700 1.7rem var(--slab);
  color: rgb(var(--v-theme-seam));
}
p {
  margin: 0 0 4px;
  max-width: none;
}
.suspected {
  background: rgb(var(--v-theme-wool));
  border-radius: 4px 14px 14px 4px;
  box-shadow: inset 6px 0 0 rgb(var(--v-theme-primary));
  padding-right: 16px;
}
.suspected::before {
  color: rgb(var(--v-theme-primary));
}
</style>
