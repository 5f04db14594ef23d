<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import PageState from '@/shell/PageState.vue'
import { useUnits } from '@/shell/useUnits'
import { useDog } from './useDogs'
import { labelOf } from '@/api/words'

const props = defineProps<{ dogId: number }>()

const route = useRoute()
const { mass } = useUnits()
const dog = useDog(() => props.dogId)
const VIEWS = [
  ['when', 'When'],
  ['routine', 'Routine'],
  ['tools', 'Tools'],
  ['trust', 'Trust'],
  ['care', 'Care'],
  ['groom', 'Groomer'],
  ['coat', 'Coat'],
  ['about', 'About'],
] as const
/** Only the coat and the dog itself can be shown before the coat is known. */
const needsCoat = computed(
  () => dog.data.value?.coatDescribed === false && !/\/(coat|coat\/finder|about)$/.test(route.path),
)
</script>

<template>
  <PageState :pending="!dog.data.value" :error="dog.error.value" @retry="dog.refetch()">
    <div v-if="dog.data.value" class="head">
      <h1>{{ dog.data.value.form.name }}</h1>
      <span class="facts"
        >{{ mass(dog.data.value.form.kilograms) }}, {{ labelOf('LifeStage', dog.data.value.form.lifeStage) }}</span
      >
      <nav class="no-print" :aria-label="dog.data.value.form.name">
        <router-link
          v-for="[path, name] in VIEWS"
          :key="path"
          :to="`/dogs/${dogId}/${path}`"
          :class="{ here: route.path.startsWith(`/dogs/${dogId}/${path}`) }"
          >{{ name }}</router-link
        >
      </nav>
    </div>
    <div v-if="needsCoat" class="first">
      <h2>First the coat</h2>
      <p>Which tool, which order and which day all follow from what grows where.</p>
      <v-btn color="primary" size="large" :to="`/dogs/${dogId}/coat`">Describe the coat</v-btn>
    </div>
    <router-view v-else :key="dogId" />
  </PageState>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 14px;
  border-bottom: 1.5px dashed rgb(var(--v-theme-seam));
  margin-bottom: 20px;
}
.facts {
  opacity: 0.88;
}
.first {
  display: grid;
  gap: 12px;
  justify-items: start;
  padding: 24px 0;
}
nav {
  margin-left: auto;
  display: flex;
  flex-wrap: wrap;
}
nav a {
  color: inherit;
  text-decoration: none;
  padding: 12px 14px;
  min-height: 46px;
  border-radius: 10px 10px 0 0;
}
nav a:hover {
  background: rgba(var(--v-theme-wool), 0.6);
}
nav a.here {
  background: rgb(var(--v-theme-wool));
  font-weight: 700;
  box-shadow: inset 0 -3px rgb(var(--v-theme-primary));
}
@media (max-width: 599px) {
  nav {
    width: calc(100% + 32px);
    margin: 0 -16px;
    flex-wrap: nowrap;
    overflow-x: auto;
    font-size: 0.94rem;
  }
  nav a {
    padding: 12px 8px;
    flex: 1;
    text-align: center;
  }
}
</style>
