<script setup lang="ts">
import { differenceWords, mixtureOf, portionsOf, type Solution } from '~~/core/blends'
import type { Sealing } from '~~/core/colour'
import { plainNumber } from '~~/core/units'
import type { MixAnswer } from '../../workers/blend'

/** What the search found: three that differ in kind, the simplest that is as good, and what would help. */
const props = defineProps<{ answer?: MixAnswer; searching: boolean; sealing: Sealing; locked: boolean }>()
const emit = defineEmits<{ take: [solution: Solution] }>()
const store = useBlends()

const key = ({ parts }: Solution): string =>
  parts
    .map(({ materialId, parts: own }) => `${own} ${materialId}`)
    .sort()
    .join('+')
const rows = computed(() => {
  const proposal = props.answer?.proposal
  if (proposal?.kind !== 'found') return []
  const simplestIs = proposal.best.findIndex((solution) => key(solution) === key(proposal.simplest))
  const best = proposal.best.map((solution, i) => ({
    solution,
    words:
      i === 0
        ? simplestIs === 0
          ? 'nearest and simplest'
          : 'nearest'
        : i === simplestIs
          ? 'another, and the simplest'
          : 'another',
  }))
  const all = simplestIs < 0 ? [...best, { solution: proposal.simplest, words: 'simplest' }] : best
  return all.map(({ solution, words }) => {
    const { portions } = portionsOf(solution.parts, store.grains)
    return { solution, words, portions, mixture: portions.length > 0 ? mixtureOf(portions) : undefined }
  })
})
const short = (name: string): string =>
  name
    .replace(/^Ground foam, /, '')
    .replace(/^Static fibre /, 'fibre ')
    .replace(/^Leaf scatter, /, 'leaf, ')
const best = computed(() =>
  props.answer?.proposal.kind === 'found' ? props.answer.proposal.best[0] : undefined,
)
/** What was looked through: a louder mix may be nearer, and is not offered. */
const among = computed(() =>
  props.answer?.proposal.kind === 'found' && props.answer.proposal.quiet
    ? 'of close tones'
    : 'in these bounds',
)
const help = computed(() => {
  const found = props.answer?.help
  const name = found && store.grains.get(found.materialId)?.material.name
  return found && name ? { name, off: found.off } : undefined
})
</script>

<template>
  <section class="border-t border-line px-4 py-3" aria-label="Proposals">
    <div class="mb-1 flex items-baseline gap-3">
      <h2>Found in the jars</h2>
      <span class="text-sm text-soft" role="status">{{
        searching
          ? 'searching…'
          : best
            ? best.off < 1
              ? 'As near as an eye can tell.'
              : best.proven
                ? `Proven: no mix ${among} is nearer by more than ΔE 0.1.`
                : `The nearest that was found; no mix ${among} can be nearer than ΔE ${plainNumber(best.nothingBelow, 1)}.`
            : ''
      }}</span>
    </div>
    <p v-if="!searching && answer && answer.proposal.kind === 'none'" class="text-sm text-hip">
      No mix keeps all of this: take another grain, let jars in again, or look at what could be bought.
    </p>
    <ul v-else class="grid gap-0">
      <li
        v-for="row in rows"
        :key="key(row.solution)"
        class="flex items-center gap-3 py-1.25 border-b border-b-line"
      >
        <SwatchDrawing
          v-if="row.mixture"
          :mixture="row.mixture"
          :sealing="sealing"
          :width="64"
          :height="38"
        />
        <span class="min-w-0 flex-1 text-sm leading-snug">
          <span class="text-soft"
            >{{ row.words }} · {{ differenceWords(row.solution.off) }}, ΔE
            {{ plainNumber(row.solution.off, 1) }}</span
          >
          <span class="block">
            <template v-for="({ grain, parts }, i) in row.portions" :key="grain.material.id"
              ><template v-if="i > 0"> + </template><strong>{{ parts }}</strong>
              {{ short(grain.material.name) }}</template
            >
          </span>
        </span>
        <button
          type="button"
          class="button button-small"
          :disabled="locked || searching"
          @click="emit('take', row.solution)"
        >
          Take these parts
        </button>
      </li>
    </ul>
    <p v-if="help && !searching" class="mt-1 text-sm text-rain">
      What would help most: {{ help.name }}, which brings it to ΔE {{ plainNumber(help.off, 1) }} ({{
        differenceWords(help.off)
      }}).
    </p>
  </section>
</template>
