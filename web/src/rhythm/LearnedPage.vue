<script setup lang="ts">
import { computed } from 'vue'
import { useDogView, useSections } from '@/api/queries'
import PageState from '@/shell/PageState.vue'
import SubNav from '@/shell/SubNav.vue'
import { dayPages } from './pages'

/** What this dog's own checks taught, in words, and how sure each place's rhythm is. */
const props = defineProps<{ dogId: number }>()

const { names } = useSections()
const when = useDogView('when', () => props.dogId)
const view = computed(() => when.data.value)
const rows = computed(() =>
  [...(view.value?.plan.sections ?? [])]
    .filter((row) => row.state !== 'NOT_BRUSHED')
    .sort((a, b) => a.everyDays - b.everyDays),
)
const most = computed(() => Math.max(7, ...rows.value.map((row) => row.toDays)))
const checks = computed(() => rows.value.reduce((sum, row) => sum + row.checks, 0))
const x = (days: number) => (100 * days) / most.value
const spread = (row: { fromDays: number; toDays: number }) =>
  row.fromDays === row.toDays ? '' : `, most likely ${row.fromDays} to ${row.toDays}`
</script>

<template>
  <PageState :pending="!view" :error="when.error.value" @retry="when.refetch()">
    <div v-if="view">
      <SubNav label="What comes, and what was" :pages="dayPages(dogId)" />
      <h2>What it learned</h2>
      <p v-if="!checks">
        Nothing yet. Each time the comb goes through a place, its own rhythm is learned a little more.
      </p>
      <template v-else>
        <p class="quiet">
          From {{ checks }} comb checks of the last year. A place is told a little by its other side and its neighbours,
          and more by itself the more often it is combed.
        </p>
        <ul class="said">
          <li
            v-for="one in view.learned"
            class="break-inside-avoid border-l-5 border-l-secondary pt-3 pr-0 pb-3 pl-12 mt-0 mx-0 mb-8"
            :key="one.sections[0]"
            :class="{ sooner: one.factor > 1 }"
          >
            {{ one.text }}
          </li>
          <li
            v-if="!view.learned.length"
            class="break-inside-avoid border-l-5 border-l-secondary pt-3 pr-0 pb-3 pl-12 mt-0 mx-0 mb-8"
          >
            So far this dog is as one would expect of its coat.
          </li>
        </ul>
        <h3>How often each place on days like these, and how sure that is</h3>
        <ol class="list-none p-0">
          <li
            v-for="row in rows"
            class="grid grid-cols-[240px_minmax(160px,420px)_1fr] gap-y-0 gap-x-18 items-center seam-t py-3 px-0 max-sm:grid-cols-1 max-sm:py-6 max-sm:px-0"
            :key="row.section"
          >
            <span class="name font-bold text-md">{{ names[row.section] }}</span>
            <span class="scale" aria-hidden="true">
              <i
                class="span"
                :style="{
                  left: `${x(row.fromDays - 0.4)}%`,
                  width: `${x(row.toDays - row.fromDays + 0.8)}%`,
                }"
              />
              <i class="w-13 h-13 rounded-round bg-heather" :style="{ left: `${x(row.everyDays)}%` }" />
            </span>
            <span class="says text-md">{{ row.every }}{{ spread(row) }}</span>
          </li>
        </ol>
      </template>
    </div>
  </PageState>
</template>

<style scoped>
.said {
  list-style: none;
  padding: 0;
  margin: 12px 0 20px;
  columns: 2 420px;
  column-gap: 36px;
}
.said .sooner {
  border-left-color: rgb(var(--v-theme-primary));
}
.name::first-letter {
  text-transform: uppercase;
}
.scale {
  position: relative;
  height: 24px;
  background: linear-gradient(rgb(var(--v-theme-seam)), rgb(var(--v-theme-seam))) center / 100% 1px no-repeat;
}
.scale i {
  position: absolute;
  top: 50%;
  transform: translate(-50%, -50%);
}
.scale .span {
  transform: translateY(-50%);
  height: 12px;
  border-radius: 8px;
  background: rgba(var(--v-theme-heather), 0.35);
}
</style>
