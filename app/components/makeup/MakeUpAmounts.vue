<script setup lang="ts">
import { shortages } from '~~/core/stock'
import { formatQuantity } from '~~/core/units'
import { mismatch, needsOf, type MakeUp, type Piece } from '~~/core/methods'

/** Amounts for one and for the batch, the material in each slot, and mixtures as volumes to pour. */
const props = defineProps<{ makeUp: MakeUp; piece: Piece }>()
const emit = defineEmits<{ choose: [slot: string, materialId: string] }>()
const stock = useStock()

const short = computed(
  () => new Map(shortages(needsOf(props.makeUp.amounts), stock.states).map((row) => [row.materialId, row])),
)
const rows = computed(() =>
  props.makeUp.slots.map(({ slot, material, chosen }) => ({
    slot,
    material,
    chosen,
    amount: props.makeUp.amounts.find((amount) => amount.slot === slot.id),
    choices: stock.states
      .filter((state) => state.material.kind === slot.kind)
      .sort(
        (a, b) => mismatch(a.material, slot.wish(props.piece)) - mismatch(b.material, slot.wish(props.piece)),
      ),
  })),
)
const stateOf = (id: string) => stock.stateById.get(id)
const lack = (id: string): string => {
  const row = short.value.get(id)
  return row ? `short ${formatQuantity(row.short, row.unit)}` : ''
}
</script>

<template>
  <section aria-label="Amounts">
    <p v-if="makeUp.missing.length > 0" class="px-4 pt-3 text-hip" role="alert">
      The workshop has no material for:
      {{ makeUp.missing.map(({ label }) => label.toLowerCase()).join(', ') }}. Add one in Stock; until then
      nothing can be worked out.
    </p>
    <div class="grid lg:grid-cols-[minmax(0,1fr)_320px]">
      <table class="ruled w-full">
        <thead>
          <tr>
            <th class="!pl-4">Takes</th>
            <th>Material</th>
            <th class="number">One piece</th>
            <th class="number">Batch of {{ makeUp.started.value }}</th>
            <th class="number">On the tray</th>
            <th class="number">Free</th>
            <th>Stock</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="{ slot, material, amount, choices, chosen } in rows" :key="slot.id">
            <td class="!pl-4 font-semibold whitespace-nowrap">{{ slot.label }}</td>
            <td>
              <span class="flex items-center gap-2">
                <i
                  class="dot"
                  :class="{ none: !material?.colour }"
                  :style="{ background: material?.colour }"
                  aria-hidden="true"
                />
                <select
                  class="field field-cell max-w-64"
                  :aria-label="`Material for ${slot.label}`"
                  :value="chosen ? material?.id : ''"
                  @change="emit('choose', slot.id, ($event.target as HTMLSelectElement).value)"
                >
                  <option value="">
                    {{ material && !chosen ? `${material.name} (proposed)` : 'as proposed' }}
                  </option>
                  <option v-for="choice in choices" :key="choice.material.id" :value="choice.material.id">
                    {{ choice.material.name }}{{ choice.onHand > 0 ? '' : ', none in stock' }}
                  </option>
                </select>
              </span>
            </td>
            <template v-if="amount">
              <td class="number">
                <FigureButton :figure="amount.perPiece" :label="`${amount.label}, one piece`" />
              </td>
              <td class="number font-semibold">
                <FigureButton :figure="amount.total" :label="`${amount.label}, batch`" />
              </td>
              <td class="number">
                <FigureButton
                  v-if="amount.onTray"
                  :figure="amount.onTray"
                  :label="`${amount.label}, on the tray`"
                />
              </td>
              <td class="number">{{ formatQuantity(stateOf(amount.materialId)?.free ?? 0, amount.unit) }}</td>
              <td>
                <span class="tag" :class="lack(amount.materialId) ? 'tag-hip' : 'tag-moss'">{{
                  lack(amount.materialId) || 'covered'
                }}</span>
              </td>
            </template>
            <td v-else colspan="5" class="text-sm text-soft">
              {{ material ? 'not needed on this day' : 'none in the workshop' }}
            </td>
          </tr>
        </tbody>
      </table>
      <div class="border-line lg:border-l">
        <template v-for="pour in makeUp.pours" :key="pour.title">
          <h2 class="px-4 pt-3 pb-1">{{ pour.title }}</h2>
          <table class="ruled w-full">
            <tbody>
              <tr v-for="row in pour.lines" :key="row.label">
                <td class="!pl-4">{{ row.label }}</td>
                <td class="number !pr-4 text-lg"><FigureButton :figure="row.figure" :label="row.label" /></td>
              </tr>
            </tbody>
          </table>
        </template>
        <p v-if="makeUp.pours.length === 0" class="px-4 py-3 text-sm text-soft">
          Nothing to mix for this way.
        </p>
      </div>
    </div>
  </section>
</template>

<style scoped>
.dot {
  flex: none;
  width: 18px;
  height: 18px;
  border: 1px solid var(--color-line);
}
.dot.none {
  border-color: transparent;
}
</style>
