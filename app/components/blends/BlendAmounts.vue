<script setup lang="ts">
import { jarWords, sieved, type Blend, type MixedBlend } from '~~/core/blends'
import { sealedHex, type Sealing } from '~~/core/colour'
import { formatQuantity, plainNumber } from '~~/core/units'

/** What goes into so much of a blend, in every measure of the bench; and what its sieve makes of it. */
const props = defineProps<{ blend: Blend; mixed: MixedBlend; sealing: Sealing; ml: number }>()
const { rows } = useMixAmounts(
  () => props.mixed,
  () => props.ml,
)
const packWords = (packs: number | undefined): string =>
  packs === undefined ? '–' : packs < 0.095 ? '< 0.1' : plainNumber(packs, 1)
const split = computed(() =>
  props.blend.sieveMm === undefined ? undefined : sieved(props.mixed.mixture.portions, props.blend.sieveMm),
)
const sides = computed(() =>
  (['held', 'passed'] as const).map((jar) => {
    const side = split.value?.[jar]
    return {
      jar,
      words: jarWords(jar, props.blend.sieveMm),
      share: side?.massShare ?? 0,
      mixture: side?.mixture,
      sealed: side?.mixture && sealedHex(side.mixture.dry, props.sealing),
    }
  }),
)
</script>

<template>
  <div>
    <table class="ruled w-full self-start">
      <thead>
        <tr>
          <th class="!pl-0">Goes in</th>
          <th class="number">Parts</th>
          <th class="number">ml</th>
          <th class="number">Weigh</th>
          <th class="number">Packs</th>
          <th class="number">Handfuls</th>
          <th class="number">Scoops</th>
          <th class="number">Free</th>
          <th>State</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.material.id">
          <td class="!pl-0 leading-tight">{{ row.material.name }}</td>
          <td class="number">{{ row.portion.parts }}</td>
          <td class="number">{{ plainNumber(row.ml, row.ml < 10 ? 1 : 0) }}</td>
          <td class="number"><FigureButton :figure="row.figure" :label="row.material.name" /></td>
          <td class="number">{{ packWords(row.packs) }}</td>
          <td class="number">{{ plainNumber(row.handfuls, 1) }}</td>
          <td class="number">{{ plainNumber(row.scoops, 1) }}</td>
          <td class="number">{{ formatQuantity(row.free, 'g') }}</td>
          <td>
            <span class="tag" :class="row.lacking > 0 ? 'tag-hip' : 'tag-moss'">{{
              row.lacking > 0 ? `short ${formatQuantity(row.lacking, 'g')}` : 'covered'
            }}</span>
          </td>
        </tr>
      </tbody>
    </table>
    <div v-if="split" class="mt-2 flex flex-wrap gap-x-8 text-sm">
      <div v-for="side in sides" :key="side.jar" class="flex items-center gap-3 py-1">
        <SwatchDrawing
          v-if="side.mixture"
          :mixture="side.mixture"
          :sealing="sealing"
          :width="64"
          :height="38"
        />
        <span>
          <strong>{{ Math.round(side.share * 100) }} %</strong> {{ side.words }}
          <span v-if="side.mixture" class="block text-soft"
            >grain {{ plainNumber(side.mixture.grainMm, 2) }} mm, sealed {{ side.sealed }}</span
          >
          <span v-else class="block text-hip">next to nothing: take another mesh</span>
        </span>
      </div>
    </div>
  </div>
</template>
