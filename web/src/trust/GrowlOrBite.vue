<script setup lang="ts">
import { computed } from 'vue'
import choices from '@/api/choices'
import { useSections } from '@/api/queries'
import type { Section, Warning } from '@/api/types'
import CoatMap from '@/bodymap/CoatMap.vue'
import { CLOSED_PAINT } from '@/bodymap/paints'
import { useDrawnDog } from '@/coat/useCoat'
import ChoiceKey from '@/shell/ChoiceKey.vue'

/** It growled, snapped or bit: that is kept already; what it was, and where, is one touch each. */
const props = defineProps<{
  dogId: number
  what: Warning
  /** None: nowhere in particular. */
  where: readonly Section[]
  /** Where hands may have been; may be empty. */
  near: readonly Section[]
  /** Nothing but the questions: the page around it says the rest. */
  plain?: boolean
}>()
const emit = defineEmits<{ tell: [what: Warning, where: Section[]] }>()

const { names } = useSections()
const drawn = useDrawnDog(() => props.dogId)
const paint = computed(() => Object.fromEntries(props.where.map((section) => [section, CLOSED_PAINT])))
const is = (section: Section) => props.where.length === 1 && props.where[0] === section
</script>

<template>
  <div class="growl" :class="{ plain }" data-test="growl-or-bite">
    <div>
      <template v-if="!plain">
        <h1 class="text-[clamp(1.7rem,3vw,2.5rem)]">Hands off. It is left in peace.</h1>
        <p class="text-xl max-w-[60ch]">
          It told you something, and that is kept. Nothing more today, by anybody: no brush, no practice, no claw. Do
          not scold; give it room, and water. In the days after, look for pain.
        </p>
      </template>
      <div class="row flex flex-wrap items-center gap-8 my-10 mx-0" role="group" aria-label="What was it?">
        <b>What was it?</b>
        <ChoiceKey
          v-for="one in choices.Warning"
          class="min-h-64"
          :key="one.value"
          :on="one.value === what"
          @click="one.value !== what && emit('tell', one.value, [...where])"
        >
          {{ one.title }} <small>{{ one.hint }}</small>
        </ChoiceKey>
      </div>
      <div class="row flex flex-wrap items-center gap-8 my-10 mx-0" role="group" aria-label="Where were your hands?">
        <b>Where were your hands?</b>
        <template v-if="near.length > 1">
          <ChoiceKey
            v-for="one in near"
            :key="one"
            class="place min-h-64 first-letter:uppercase"
            :on="is(one)"
            @click="emit('tell', what, [one])"
          >
            {{ names[one] }}
          </ChoiceKey>
          <ChoiceKey
            class="place min-h-64 first-letter:uppercase"
            :on="where.length === near.length"
            @click="emit('tell', what, [...near])"
          >
            nobody knows: all of these
          </ChoiceKey>
        </template>
        <ChoiceKey class="place min-h-64 first-letter:uppercase" :on="!where.length" @click="emit('tell', what, [])">
          nowhere in particular
        </ChoiceKey>
        <span class="or">or touch it on the dog</span>
      </div>
    </div>
    <CoatMap
      v-if="!plain"
      :names="names"
      :dog="drawn"
      :paint="paint"
      :selected="where"
      class="max-w-460"
      @choose="emit('tell', what, [$event])"
    />
  </div>
</template>

<style scoped>
.growl:not(.plain) {
  flex: 1;
  padding: 12px 0;
}
@media (min-width: 900px) {
  .growl:not(.plain) {
    display: grid;
    grid-template-columns: 1fr minmax(300px, 36%);
    gap: 32px;
    align-items: center;
  }
  .growl:not(.plain) .row b {
    flex: 1 1 100%;
  }
}
@media (max-width: 599px) {
  .row b,
  .row button:not(.place) {
    flex: 1 1 100%;
  }
}
</style>
