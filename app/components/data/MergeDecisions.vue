<script setup lang="ts">
import type { Decision, OtherWay } from '~~/core/workshop'

/** What was decided when a file was merged in, why, and the other way of each. */
const props = defineProps<{ decisions: readonly Decision[] }>()
const removeCommission = useDeed('removeCommission')
const removeLine = useDeed('removeLine')
const changeLaying = useDeed('changeLaying')
const countLot = useDeed('countLot')
const changed = ref<ReadonlySet<number>>(new Set())
watch(
  () => props.decisions,
  () => {
    changed.value = new Set()
  },
)

async function take(other: OtherWay): Promise<boolean> {
  switch (other.kind) {
    case 'count':
      return (await countLot(other.lotId, other.quantity, 'after merging')).kind === 'ok'
    case 'order':
      // The order that was kept goes first, so that the two make no ring.
      await changeLaying(other.first, { follows: undefined })
      return (await changeLaying(other.then, { follows: other.first })).kind === 'ok'
    case 'remove':
      return other.table === 'lines'
        ? (await removeLine(other.id)).kind === 'ok'
        : (await removeCommission(other.id)).kind === 'ok'
  }
}
async function change(i: number): Promise<void> {
  const other = props.decisions[i]?.other
  if (other && (await take(other))) changed.value = new Set([...changed.value, i])
}
</script>

<template>
  <section
    v-if="decisions.length > 0"
    class="border-l-[6px] border-larch bg-paper p-3"
    aria-label="What merging decided"
  >
    <h3>What merging decided</h3>
    <ul>
      <li v-for="(one, i) in decisions" :key="i" class="flex items-start gap-3 border-b border-line py-2">
        <span class="min-w-0 flex-1 break-words"
          >{{ one.what }}
          <span class="block text-sm text-soft"
            >{{ one.why }}<template v-if="one.at"> It is of {{ formatMoment(one.at) }}.</template></span
          ></span
        >
        <span v-if="changed.has(i)" class="text-sm text-moss">changed</span>
        <button v-else-if="one.other" type="button" class="button button-small" @click="change(i)">
          {{ one.other.words }}
        </button>
      </li>
    </ul>
  </section>
</template>
