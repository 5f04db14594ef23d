<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'
import PageState from '@/shell/PageState.vue'
import DogHead from './DogHead.vue'
import { useDog } from './useDogs'

const props = defineProps<{ dogId: number }>()

const route = useRoute()
const dog = useDog(() => props.dogId)
/** Only the coat and the dog itself can be shown before the coat is known. */
const needsCoat = computed(
  () => dog.data.value?.coatDescribed === false && !/\/dog\/(coat|coat\/finder|looks)$/.test(route.path),
)
</script>

<template>
  <PageState :pending="!dog.data.value" :error="dog.error.value" @retry="dog.refetch()">
    <DogHead v-if="dog.data.value" :dog-id="dogId" :dog="dog.data.value.form" />
    <div v-if="needsCoat" class="first">
      <h2>First the coat</h2>
      <p>Which tool, which order and which day all follow from what grows where.</p>
      <v-btn color="primary" size="large" :to="`/dogs/${dogId}/dog/coat`">Describe the coat</v-btn>
    </div>
    <router-view v-else :key="dogId" />
  </PageState>
</template>

<style scoped>
.first {
  display: grid;
  gap: 12px;
  justify-items: start;
  padding: 24px 0;
}
</style>
