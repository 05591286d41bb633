<script setup lang="ts">
import { jobWords, type PlantMethod, type Suit } from '~~/core/makeup'
import type { Plant } from '../../stores/commission'

/** The ways to make a piece, side by side, with reasons in words. */
const props = defineProps<{
  plant: Plant
  ranked: readonly { method: PlantMethod; suit: Suit }[]
  methodId?: string
}>()
const emit = defineEmits<{ choose: [id: string] }>()
const commission = useCommission()
const { moneyEach } = useFormat()

const verdicts = {
  suits: { tone: 'moss', word: 'suits' },
  possible: { tone: 'larch', word: 'possible' },
  unsuited: { tone: 'plain', word: 'does not suit' },
} as const
const rows = computed(() =>
  props.ranked.map(({ method, suit }) => {
    const up = commission.workOut(props.plant, method)
    const known = suit.verdict !== 'unsuited'
    return {
      method,
      suit,
      each: known ? up.handsMin.value / up.started.value : undefined,
      cost: known ? up.costEachMinor?.value : undefined,
    }
  }),
)
const none = computed(() => props.ranked.every(({ suit }) => suit.verdict === 'unsuited'))
</script>

<template>
  <p v-if="ranked.length === 0" class="px-4 pt-2 text-larch" role="status">
    No way of making {{ jobWords[plant.job.kind] }} is known yet. The plant is drawn, sized and planned; it
    can’t be worked out.
  </p>
  <p v-else-if="none" class="px-4 pt-1 text-sm text-larch">
    None of these ways really suits this plant. The least unsuited is shown; say so to the client, or choose
    another size or zone.
  </p>
  <table v-if="ranked.length > 0" class="ruled mt-1 w-full">
    <thead>
      <tr>
        <th class="!pl-4">Way to make it</th>
        <th>For</th>
        <th>Against</th>
        <th class="number">Hands each</th>
        <th class="number">Cost each</th>
      </tr>
    </thead>
    <tbody>
      <tr
        v-for="{ method, suit, each, cost } in rows"
        :key="method.id"
        class="align-top"
        :class="{ 'bg-bench': method.id === methodId }"
      >
        <td class="w-44 xl:w-52 !pl-4 !align-top">
          <label class="flex cursor-pointer gap-2.5">
            <input
              type="radio"
              name="method"
              class="mt-0.5 size-5 accent-moss"
              :value="method.id"
              :checked="method.id === plant.line.methodId"
              @change="emit('choose', method.id)"
            />
            <span
              ><span class="block font-semibold leading-tight">{{ method.name }}</span
              ><span class="tag !leading-[19px]" :class="`tag-${verdicts[suit.verdict].tone}`">{{
                verdicts[suit.verdict].word
              }}</span></span
            >
          </label>
        </td>
        <td v-if="suit.verdict === 'unsuited'" colspan="2" class="!align-top text-sm">
          <ul class="reasons">
            <li class="against">{{ suit.reasonsAgainst.join('; ') }}</li>
          </ul>
        </td>
        <template v-else>
          <td class="!align-top text-sm">
            <ul class="reasons">
              <li v-for="reason in suit.reasonsFor" :key="reason" class="for">{{ reason }}</li>
            </ul>
          </td>
          <td class="!align-top text-sm">
            <ul class="reasons">
              <li v-for="reason in suit.reasonsAgainst" :key="reason" class="against">{{ reason }}</li>
            </ul>
          </td>
        </template>
        <td class="number !align-top !pt-1">
          {{ each === undefined ? '–' : each < 1 ? `${Math.round(each * 60)} s` : `${each.toFixed(1)} min` }}
        </td>
        <td class="number !align-top !pt-1">{{ cost === undefined ? '–' : moneyEach(cost) }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
.reasons {
  line-height: 16px;
  padding-top: 2px;
}
.reasons li {
  position: relative;
  padding-left: 14px;
  margin-bottom: 1px;
}
.reasons li::before {
  position: absolute;
  left: 0;
  font-weight: 700;
}
.for::before {
  content: '+';
  color: var(--color-moss);
}
.against::before {
  content: '−';
  color: var(--color-hip);
}
</style>
