<script setup lang="ts">
import { computed } from 'vue'
import choices from '@/api/choices'
import type { CoatKindInfo, Colour, RegionForm } from '@/api/types'
import { furOf } from '@/bodymap/fur'
import LengthField from '@/shell/LengthField.vue'
import KindPick from './KindPick.vue'
import ChoiceKey from '@/shell/ChoiceKey.vue'

/** Describes the hair of one or more regions at once; it writes into the hairs it is given. */
const props = defineProps<{ hairs: RegionForm[]; kinds: CoatKindInfo[] }>()

function common<K extends keyof RegionForm>(key: K): RegionForm[K] | undefined {
  const first = props.hairs[0]?.[key]
  return props.hairs.every((hair) => hair[key] === first) ? first : undefined
}
function setAll(change: Partial<RegionForm>) {
  props.hairs.forEach((hair) => Object.assign(hair, change))
}

function chooseKind({ kind, usualTexture, usuallyUndercoat }: CoatKindInfo) {
  setAll({ kind, texture: usualTexture, undercoat: usuallyUndercoat })
}

/** Patched is half of each. */
function swatch(colour: Colour) {
  return {
    background:
      colour === 'PATCHED' ? `linear-gradient(130deg, ${furOf('DARK')} 50%, ${furOf('PALE')} 50%)` : furOf(colour),
  }
}
const ruler = computed(() => Math.min(200, common('millimetres') ?? 0))
</script>

<template>
  <div class="hair seam-t pt-14">
    <KindPick :kinds="kinds" :chosen="common('kind')" @choose="chooseKind" />
    <div class="flex flex-wrap gap-y-8 gap-x-16 items-center my-12 mx-0">
      <!-- A length left out becomes 0, which is refused on keeping: better than silently keeping the old one. -->
      <LengthField
        class="flex-[0_0_230px] max-sm:flex-[1_1_100%]"
        :model-value="common('millimetres') || undefined"
        label="Hair length"
        :placeholder="common('millimetres') === undefined ? 'differs' : 'measure'"
        @update:model-value="setAll({ millimetres: $event ?? 0 })"
      />
      <svg class="w-210 h-34" viewBox="0 0 210 34" aria-hidden="true">
        <path class="stroke-ink stroke-[1.2]" d="M2 26H208" />
        <path
          v-for="t in 21"
          :key="t"
          class="stroke-ink stroke-[1.2]"
          :d="`M${2 + (t - 1) * 10} 26v${(t - 1) % 5 ? -4 : -8}`"
        />
        <path
          v-if="ruler"
          class="stroke-primary stroke-[2.4] fill-none round-ends"
          :d="`M2 12q${ruler / 2} -7 ${ruler} 0`"
        />
      </svg>
      <span class="quiet how">from the skin along a stretched hair</span>
    </div>
    <div class="flex flex-wrap gap-y-8 gap-x-16 items-center my-12 mx-0">
      <div class="flex gap-6 flex-wrap max-sm:w-full" role="group" aria-label="Density">
        <ChoiceKey
          v-for="d in choices.Density"
          class="max-sm:flex-1"
          :key="d.value"
          :on="common('density') === d.value"
          :title="d.hint"
          @click="setAll({ density: d.value })"
        >
          {{ d.title }}
        </ChoiceKey>
      </div>
      <div class="flex gap-6 flex-wrap max-sm:w-full" role="group" aria-label="Feel">
        <ChoiceKey
          v-for="t in choices.Texture"
          class="max-sm:flex-1"
          :key="t.value"
          :on="common('texture') === t.value"
          @click="setAll({ texture: t.value })"
        >
          {{ t.title }}
        </ChoiceKey>
      </div>
      <v-checkbox-btn
        class="flex-none"
        :model-value="common('undercoat') === true"
        label="soft undercoat beneath"
        @update:model-value="setAll({ undercoat: Boolean($event) })"
      />
      <v-checkbox-btn
        class="flex-none"
        :model-value="common('clipped') === true"
        label="a groomer keeps it short"
        @update:model-value="setAll({ clipped: Boolean($event) })"
      />
    </div>
    <div class="colours flex flex-wrap items-center my-12 mx-0 gap-6" role="group" aria-label="Colour">
      <ChoiceKey
        v-for="c in choices.Colour"
        :key="c.value"
        :on="common('colour') === c.value"
        :title="c.hint"
        @click="setAll({ colour: c.value })"
      >
        <i :style="swatch(c.value)" aria-hidden="true" />{{ c.title }}
      </ChoiceKey>
    </div>
  </div>
</template>

<style scoped>
i {
  margin-right: 8px;
  vertical-align: -5px;
  width: 22px;
  height: 22px;
  border-radius: 50% 46% 52% 48%;
  border: 1.5px solid rgb(var(--v-theme-pen));
}
</style>
