<script setup lang="ts">
import { computed } from 'vue'
import { useDogView, useView } from '@/api/queries'
import { labelOf, subjectLabel } from '@/api/words'
import PageState from '@/shell/PageState.vue'
import SubNav from '@/shell/SubNav.vue'
import { useUnits } from '@/shell/useUnits'
import { practicePath, trustPages } from './pages'
import WhenTheDog from './WhenTheDog.vue'

const props = defineProps<{ dogId: number }>()

const { say } = useUnits()
const trust = useDogView('trust', () => props.dogId)
const tools = useView('tools')
const view = computed(() => trust.data.value)
const positions = computed(() => view.value?.besides.filter((position) => !position.section) ?? [])

function own(kinds: readonly string[]): string[] {
  return (tools.data.value ?? []).filter((tool) => kinds.includes(tool.form.kind)).map((tool) => tool.shownName)
}
</script>

<template>
  <SubNav label="Trust" :pages="trustPages(dogId)" />
  <PageState :pending="!view" :error="trust.error.value" @retry="trust.refetch()">
    <div v-if="view" class="two">
      <div>
        <h2>Positions</h2>
        <ul class="positions">
          <li v-for="one in positions" :key="one.subject">
            <router-link :to="practicePath(dogId, one)"
              ><b>{{ subjectLabel(one.subject) }}</b
              ><span>rung {{ one.rungNumber }} of 10: {{ one.rungLabel }}</span></router-link
            >
          </li>
        </ul>
        <h2 class="more">When the dog …</h2>
        <WhenTheDog />
      </div>
      <div>
        <h2>Who may do what</h2>
        <section v-for="one in view.helpers" :key="one.who" class="who">
          <h3>
            {{ labelOf('HelperWho', one.who) }}
            <small>{{ one.minutes ? `${one.minutes} min at most` : 'not yet' }}</small>
          </h3>
          <p v-for="reason in one.reasons" :key="reason.rule" :data-rule="reason.rule">{{ say(reason.text) }}</p>
          <p v-if="one.who === 'CHILD' && one.minutes" class="quiet">
            {{
              own(one.tools).length
                ? `From your drawer: ${own(one.tools).join(', ')}.`
                : 'Nothing in your drawer is soft enough: a wooden-pin brush would be.'
            }}
          </p>
        </section>
      </div>
    </div>
  </PageState>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 48px;
  align-items: start;
}
.positions {
  list-style: none;
  padding: 0;
}
.positions a {
  display: flex;
  justify-content: space-between;
  gap: 16px;
  align-items: center;
  min-height: 54px;
  color: inherit;
  text-decoration: none;
  border-bottom: 1px dashed rgb(var(--v-theme-seam));
  border-left: 5px solid rgb(var(--v-theme-heather));
  padding: 4px 0 4px 12px;
}
.positions a:hover b {
  text-decoration: underline dotted;
  text-underline-offset: 4px;
}
b,
h3 {
  display: inline-block;
}
b::first-letter,
h3::first-letter {
  text-transform: uppercase;
}
.more {
  margin-top: 26px;
}
.who {
  border-bottom: 1px dashed rgb(var(--v-theme-seam));
  padding: 8px 0 12px;
}
h3 small {
  font: 400 0.95rem var(--sans);
  margin-left: 10px;
}
@media (max-width: 899px) {
  .two {
    grid-template-columns: 1fr;
    gap: 28px;
  }
  .positions a {
    flex-direction: column;
    align-items: flex-start;
    gap: 0;
  }
}
</style>
