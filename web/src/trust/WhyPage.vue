<script setup lang="ts">
import SubNav from '@/shell/SubNav.vue'
import { trustPages } from './pages'
import WhyItMinds from './WhyItMinds.vue'

/** Looked at in this order: a scratching tool, a tight hand, a tangle, a game; then fear. */
defineProps<{ dogId: number }>()
</script>

<template>
  <SubNav label="Trust" :pages="trustPages(dogId)" />
  <h2>Why does it mind the brush?</h2>
  <p>Before it is called fear: a scratching tool, a tight hand, a hidden tangle, or a game. Look in this order.</p>
  <WhyItMinds :dog-id="dogId" />
</template>
