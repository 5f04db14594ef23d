<script setup lang="ts">
import type { Section } from '@/api/types'
import DogPart from '@/bodymap/DogPart.vue'
import { HAND } from '@/bodymap/hand'
import type { Method } from './useMethods'

/** What the hands do, drawn; the words stand beside it. */
defineProps<{ method: Method }>()

const PARTS: Partial<Record<Method, { view: string; places: Section[]; earless?: boolean }>> = {
  EAR_IN_PALM: { view: '150 122 270 190', places: ['EAR_LEFT'] },
  EAR_OVER_HEAD: { view: '150 76 270 180', places: ['EAR_LEFT', 'BEHIND_EAR_LEFT'], earless: true },
  FACE: { view: '40 146 330 220', places: ['MUZZLE'] },
  ARMPIT: { view: '290 366 300 200', places: ['ARMPIT_LEFT'] },
  REAR_AND_TAIL: { view: '620 150 330 220', places: ['REAR_TROUSERS', 'TAIL_WHOLE'] },
  THROAT: { view: '120 216 300 200', places: ['THROAT'] },
  FOOT: { view: '276 560 210 140', places: ['FRONT_FOOT_LEFT'] },
  INNER_LEG: { view: '570 410 345 230', places: ['HIND_LEG_RIGHT'] },
}
const THUMB = 'M8 9Q14-6 26-8Q33-8 32-3Q24 0 22 7'
</script>

<template>
  <DogPart v-if="PARTS[method]" v-bind="PARTS[method]!">
    <template v-if="method === 'EAR_IN_PALM'" #behind-ear>
      <g transform="translate(344 300) rotate(-148) scale(1.7)"><path class="hand" :d="HAND" /></g>
    </template>
    <template v-if="method === 'EAR_IN_PALM'">
      <path class="go" d="M276 196l-26 0m7-6l-8 6 8 6M276 218l24 4m-6-7l7 7-9 5M276 238l2 30m-6-7l6 8 6-8" />
      <path class="turn" d="M326 176q34 20 18 58m-8-6l7 8 8-7" />
    </template>
    <template v-else-if="method === 'EAR_OVER_HEAD'">
      <path
        class="ear"
        d="M250 152Q300 150 304 172Q286 188 256 176Q226 172 206 152Q192 134 202 118Q218 106 238 124Q246 138 250 152Z"
      />
      <path class="fold" d="M250 152Q284 154 300 172" />
      <g transform="translate(142 92) rotate(14) scale(1.2)"><path class="hand" :d="HAND" /></g>
      <path class="go" d="M262 166l-36-18m9-1l-10 0 5 9M312 204l16 28m0-10l1 11-9-4" />
    </template>
    <template v-else-if="method === 'FACE'">
      <g transform="translate(112 318) rotate(-12) scale(1.7)"><path class="hand" :d="HAND" /></g>
      <g transform="translate(178 258) rotate(192) scale(1.25)"><path class="hand" :d="HAND" /></g>
      <path class="go" d="M188 238q34-8 56 2m-9-8l10 9-12 4M176 262q38-4 66 4m-9-8l10 9-12 4" />
    </template>
    <template v-else-if="method === 'ARMPIT'">
      <g transform="translate(470 596) rotate(-152) scale(1.9)"><path class="hand" :d="HAND" /></g>
      <path class="go thick" d="M372 470q-34 2-52-18m-2 12l0-14 13 3" />
      <path class="go" d="M428 492l4-30m-8 6l8-8 6 9" />
    </template>
    <template v-else-if="method === 'REAR_AND_TAIL'">
      <g transform="translate(834 330) rotate(-150) scale(1.5)"
        ><path class="hand" :d="HAND" /><path class="hand" :d="THUMB"
      /></g>
      <path class="parting" d="M744 352q26 8 46 2M750 318q22 8 40 4M750 286q16 8 30 4" />
      <path class="go" d="M722 356l0-66m-8 9l8-10 8 10" />
      <path class="turn" d="M898 190q4-34-2-60M886 206q-14 24-34 44" />
    </template>
    <template v-else-if="method === 'THROAT'">
      <g transform="translate(146 352) rotate(-34) scale(1.5)"><path class="hand" :d="HAND" /></g>
      <path class="parting" d="M262 342q26 4 54-8M238 326q34 6 72-8M228 310q34 4 66-4" />
      <path class="go" d="M340 362q6-30-8-52m-5 11l4-12 10 7" />
    </template>
    <template v-else-if="method === 'FOOT'">
      <g transform="translate(456 694) rotate(-172) scale(1.9 1.25)"><path class="hand" :d="HAND" /></g>
      <path class="go" d="M386 596q-22 6-38 34m-1-10l0 12 11-5" />
      <path class="parting" d="M352 650v-14M366 651v-13" />
    </template>
    <template v-else-if="method === 'INNER_LEG'">
      <path class="turn thick" d="M800 560q34-10 42-44m-10 7l10-10 6 12" />
      <g transform="translate(858 640) rotate(-160) scale(1.6)"><path class="hand" :d="HAND" /></g>
      <path class="go" d="M712 470l8 44m4-10l-3 12-9-8M700 548l-2 36m7-8l-7 10-6-10" />
    </template>
  </DogPart>
  <svg v-else viewBox="0 0 300 200" class="block w-full" aria-hidden="true">
    <template v-if="method === 'LINE_BRUSHING'">
      <path class="skin" d="M34 12Q24 100 34 192" />
      <path class="held" d="M38 30Q90 10 150 18M38 46Q90 22 156 26M38 62Q94 36 158 36M38 78Q96 52 158 46" />
      <path class="stroke-ink stroke-[1.6] opacity-50" d="M38 92q26-6 46-20M38 106q30 2 52 8" />
      <path
        class="layer stroke-primary stroke-[4]"
        d="M40 116Q110 118 178 150M40 124Q104 130 168 164M40 132Q96 142 156 176"
      />
      <path
        class="done stroke-secondary stroke-[3]"
        d="M40 150Q80 160 110 188M40 164Q66 172 84 192M40 178Q54 182 60 194"
      />
      <g transform="translate(216 10) scale(-1.25 1.25)"><path class="hand" :d="HAND" /></g>
      <g transform="translate(118 128) rotate(24)">
        <path class="tool" d="M-8-18h58q6 0 6 6v6h-64q-6 0-6-6t6-6Z" />
        <path class="wires" d="M-6-4l-4 12M6-4l-4 12M18-4l-4 12M30-4l-4 12M42-4l-4 12" />
        <path class="tool" d="M54-16l54-4q10 0 10 7t-10 6l-54-1Z" />
      </g>
      <path class="go" d="M188 176l46 22m-13 0l14 1-8-12" />
      <path class="turn" d="M62 186v-60m-8 10l8-11 8 11" />
    </template>
    <template v-else-if="method === 'CLUMPED_OR_OPEN'">
      <g transform="translate(0 -20)">
        <path class="skin" d="M10 168h128M162 168h128" />
        <path
          class="held"
          d="M22 166Q26 120 44 96M28 166Q30 122 46 96M34 166Q34 124 48 98M64 166Q66 118 84 90M70 166Q70 120 86 92M76 166Q76 124 88 96M106 166Q108 122 122 98M112 166Q112 122 124 98M118 166Q116 126 126 102"
        />
        <path
          class="stroke-error stroke-[2.4]"
          d="M38 104q10-14 16-4t-6 14-10-10M78 100q10-14 16-4t-6 14-10-10M114 108q10-14 16-4t-6 14-10-10"
        />
        <path
          class="done stroke-secondary stroke-[3]"
          d="M172 166Q178 112 200 76M184 166Q190 112 212 78M196 166Q202 112 224 80M208 166Q214 114 236 82M220 166Q228 114 248 86M232 166Q240 116 260 90M244 166Q252 118 270 96M256 166Q264 122 280 102"
        />
        <path class="cross stroke-error stroke-[5]" d="M60 184l18 16m0-16l-18 16" />
        <path class="stroke-secondary stroke-[5]" d="M212 190l8 9 18-20" />
      </g>
    </template>
    <template v-else-if="method === 'COMB_CORNER'">
      <path class="skin" d="M10 150Q150 138 290 150" />
      <path class="held" d="M30 146Q44 80 92 54M66 143Q80 82 126 58M102 141Q116 84 160 62M138 141Q152 86 194 68" />
      <path
        class="layer stroke-primary stroke-[4]"
        d="M40 156Q54 176 82 190M80 154Q94 174 122 188M120 152Q134 172 162 186M160 152Q174 172 202 186"
      />
      <path class="stroke-ink stroke-[1.6] opacity-50" d="M24 150Q110 140 196 145" />
      <g transform="translate(202 144) rotate(-52)">
        <path class="tool" d="M0-8h92q6 0 6 6v8h-98Z" />
        <path class="wires" d="M2 6v20M14 6v16M26 6v16M38 6v16M50 6v16M62 6v16M74 6v16M86 6v16" />
      </g>
      <g transform="translate(286 26) rotate(128) scale(1.2)"><path class="hand" :d="HAND" /></g>
      <path class="go" d="M206 168l46-4m-12-8l13 7-11 9" />
    </template>
    <template v-else-if="method === 'LYING'">
      <path class="cloth" d="M12 176q138-16 276 0v16q-138 8-276 0Z" />
      <path
        class="dog"
        d="M40 150Q34 128 52 122Q66 108 84 118Q96 112 110 118Q160 96 216 112Q246 118 250 140Q262 132 276 140Q280 148 262 152Q246 162 220 160L100 164Q84 170 64 164Q46 162 40 150Z"
      />
      <path
        class="dog"
        d="M108 160Q104 182 78 186Q66 188 68 180Q84 176 88 160M204 160Q210 184 238 188Q250 188 246 180Q230 176 224 158"
      />
      <path class="dog" d="M84 118Q76 134 92 142Q104 140 102 122" />
      <path class="eye stroke-pen stroke-[3]" d="M60 136q4 3 8 0" />
      <g transform="translate(178 66) rotate(60)">
        <path class="tool" d="M-8-10h50q6 0 6 6v6h-56q-6 0-6-6t6-6Z" />
        <path class="wires" d="M-4 2v12M8 2v12M20 2v12M32 2v12" />
      </g>
      <path class="go" d="M150 92q-30 0-48 14m2-11l-4 12 12 1" />
      <path class="turn" d="M238 92q26 8 30 32m-10-8l10 10 6-13" />
    </template>
    <template v-else-if="method === 'TABLE_HEIGHT'">
      <path class="ground stroke-pen stroke-[3]" d="M8 192h284" />
      <path class="tool" d="M150 120h124q5 0 5 5v5h-134v-5q0-5 5-5ZM160 130v62M264 130v62" />
      <path
        class="dog"
        d="M176 118v-26q-12-2-14-12 2-10 14-12 8-10 18-2 6 10 2 18h38q14 0 16 14 10-8 12-18 6 2 2 14-2 12-12 14v10h-8l-2-14h-38l-2 14Z"
      />
      <path
        class="stroke-pen stroke-[3]"
        d="M78 62a15 15 0 1 1 .1 0M78 64q-16 10-14 52l-2 36-4 40M74 152l8 40M84 66q14 20 34 30l30-4M64 74q4 28 40 30"
      />
      <path class="parting" d="M40 122h240" />
      <path class="turn" d="M32 190v-64m-7 10l7-11 7 11" />
    </template>
    <template v-else-if="method === 'COMB_PROOF'">
      <path class="skin" d="M10 168Q150 156 290 168" />
      <path
        class="done stroke-secondary stroke-[3]"
        d="M40 160Q56 90 130 58M64 159Q84 92 156 66M90 158Q112 98 184 76M118 158Q142 106 208 88M146 157Q172 116 232 104M174 158Q200 128 254 120"
      />
      <g transform="translate(92 96) rotate(38)">
        <path class="tool" d="M-10-14h116q6 0 6 6v6h-128v-6q0-6 6-6Z" />
        <path
          class="wires"
          d="M-6-2v38M6-2v38M18-2v38M30-2v38M42-2v38M52-2v38M58-2v38M64-2v38M70-2v38M76-2v38M82-2v38M88-2v38M94-2v38M100-2v38M106-2v38"
        />
      </g>
      <path class="go thick" d="M196 62q28-18 58-22m-13-6l14 5-10 11" />
    </template>
    <template v-else>
      <path class="skin" d="M10 172Q150 160 290 172" />
      <path
        class="stroke-heather stroke-[3]"
        d="M24 164q4-16 10-2t8-2q6-16 10-2t8-2q6-16 10-2t8-2q6-16 10-2t8-2q6-16 10-2t8-2q6-16 10-2t8-2q6-16 10-2t8-2q6-16 10-2t8-2q6-16 10-2"
      />
      <path
        class="guard"
        d="M30 166Q44 120 92 92M70 164Q86 118 136 92M110 162Q128 118 178 92M150 162Q168 118 220 94M190 162Q208 122 256 100"
      />
      <path
        class="fluff"
        d="M206 52q8-18 22-12 6-14 20-8 16-4 16 12 14 4 6 18-4 12-18 8-8 12-20 4-14 6-20-6-12-6-6-16Z"
      />
      <g transform="translate(120 40) rotate(28)">
        <path class="tool" d="M-16-12h76q6 0 6 6v8h-88v-8q0-6 6-6Z" />
        <path class="wires" d="M-12 2v30M2 2v30M16 2v30M30 2v30M44 2v30M58 2v30" />
        <path class="tool" d="M8-12l-4-30q0-8 8-8t8 8l4 30Z" />
      </g>
      <path class="go" d="M176 120q30-20 40-42m-9 6l9-8 4 12" />
    </template>
  </svg>
</template>

<style scoped>
path {
  fill: none;
  stroke-linecap: round;
  stroke-linejoin: round;
}
.hand {
  fill: #e7c3a2;
  stroke: rgb(var(--v-theme-pen));
  stroke-width: 1.7;
}
.dog,
.cloth {
  fill: rgb(var(--v-theme-surface));
  stroke: rgb(var(--v-theme-pen));
  stroke-width: 2.2;
}
.go {
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 4;
}
.turn {
  stroke: rgb(var(--v-theme-slate));
  stroke-width: 3.4;
  stroke-dasharray: 1 7;
}
.thick {
  stroke-width: 5.5;
}
.parting {
  stroke: rgb(var(--v-theme-pen));
  stroke-width: 2.4;
  stroke-dasharray: 5 5;
}
.ear {
  fill: rgb(var(--v-theme-fur));
  stroke: rgb(var(--v-theme-pen));
  stroke-width: 2.6;
}
.fold {
  stroke: rgb(var(--v-theme-pen));
  stroke-width: 2;
  stroke-dasharray: 4 5;
}
.skin {
  stroke: #c98b70;
  stroke-width: 11;
}
.held,
.guard {
  stroke: rgb(var(--v-theme-ink));
  stroke-width: 3;
}
.fluff {
  stroke: rgb(var(--v-theme-heather));
  stroke-width: 3;
  fill: rgba(var(--v-theme-heather), 0.18);
}
.tool {
  fill: #b98f5f;
  stroke: rgb(var(--v-theme-pen));
  stroke-width: 2.2;
}
.wires {
  stroke: rgb(var(--v-theme-slate));
  stroke-width: 2.6;
}
</style>
