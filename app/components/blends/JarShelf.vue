<script setup lang="ts">
import { mixtureOf, takes, type Blend, type Bound, type Grain } from '~~/core/blends'
import { toLab } from '~~/core/colour'
import { formatQuantity, plainNumber } from '~~/core/units'

/** The maker's jars that may go in, drawn as grains: by family, dark to light. */
const props = defineProps<{ blend: Blend; bounds: readonly Bound[]; locked: boolean }>()
const emit = defineEmits<{ add: [materialId: string]; leaveOut: [materialId: string, out: boolean] }>()
const buyable = defineModel<boolean>('buyable', { required: true })
const store = useBlends()
const stock = useStock()
const find = ref('')

interface JarRow {
  readonly grain: Grain
  readonly free: number
  readonly onHand: number
  readonly out: boolean
  readonly family: string
}
const rows = computed<JarRow[]>(() =>
  [...store.grains.values()]
    .filter((grain) => takes(props.blend.use, grain))
    .map((grain) => ({
      grain,
      free: stock.freeOf(grain.material.id),
      onHand: stock.stateById.get(grain.material.id)?.onHand ?? 0,
      out: props.bounds.some(({ materialId, most }) => materialId === grain.material.id && most === 0),
      family: grain.material.family ?? 'others',
    }))
    .filter(({ onHand, grain }) => onHand > 0 || (buyable.value && grain.material.packQuantity !== undefined))
    .filter(({ grain }) => grain.material.name.toLowerCase().includes(find.value.trim().toLowerCase())),
)
const families = computed(() => {
  const groups = new Map<string, JarRow[]>()
  for (const row of rows.value) groups.set(row.family, [...(groups.get(row.family) ?? []), row])
  return [...groups]
    .sort(([a], [b]) => a.localeCompare(b))
    .map(([family, jars]) => ({
      family,
      jars: jars.sort((a, b) => toLab(a.grain.hex)[0] - toLab(b.grain.hex)[0]),
    }))
})
const alone = new WeakMap<Grain, ReturnType<typeof mixtureOf>>()
function mixtureAlone(grain: Grain) {
  const known = alone.get(grain) ?? mixtureOf([{ grain, parts: 1 }])
  alone.set(grain, known)
  return known
}
const sizeWords = ({ shape, sizeMm }: Grain): string =>
  `${plainNumber(sizeMm, sizeMm < 1 ? 2 : 1)} mm ${shape === 'fibre' ? 'long' : ''}`.trim()
const there = ({ free, onHand, grain }: JarRow): string =>
  onHand <= 0
    ? 'to be bought'
    : `${formatQuantity(free, 'g')}${free > 0 ? `, ${formatQuantity(free / grain.bulkGPerMl, 'ml')}` : ' free'}`
const inMix = (id: string): boolean => props.blend.parts.some(({ materialId }) => materialId === id)
</script>

<template>
  <section
    class="flex min-h-0 flex-col border-t border-line py-3 lg:col-span-2 xl:col-span-1 xl:border-t-0 xl:border-l"
    aria-label="Jars"
  >
    <div class="flex items-baseline gap-2 px-4">
      <h2>Jars</h2>
      <label class="ml-auto flex items-center gap-1 text-sm"
        ><input v-model="buyable" type="checkbox" /> also what could be bought</label
      >
    </div>
    <div class="px-4 py-2">
      <input v-model="find" class="field field-cell" placeholder="find a jar" aria-label="Find a jar" />
    </div>
    <div class="jars overflow-auto max-h-[470px]">
      <div v-for="group in families" :key="group.family">
        <h3 class="pt-1.5 px-4 pb-0.5 text-[13px] text-soft">{{ group.family }}</h3>
        <div
          v-for="row in group.jars"
          :key="row.grain.material.id"
          class="jar flex items-center pr-2"
          :class="{ out: row.out }"
        >
          <button
            type="button"
            class="put flex-1 min-w-0 flex items-center gap-2.25 min-h-11 pt-0.75 pr-1 pb-0.75 pl-4 text-left"
            :disabled="locked || row.out"
            :aria-label="`A part of ${row.grain.material.name}`"
            @click="emit('add', row.grain.material.id)"
          >
            <SwatchDrawing :mixture="mixtureAlone(row.grain)" :width="46" :height="34" />
            <span class="min-w-0">
              <span class="block overflow-hidden text-ellipsis whitespace-nowrap">{{
                row.grain.material.name.replace(/^[^,]*, /, '')
              }}</span>
              <span class="block text-xs whitespace-nowrap text-soft"
                >{{ sizeWords(row.grain) }} · {{ there(row) }}</span
              >
            </span>
          </button>
          <button
            v-if="!inMix(row.grain.material.id)"
            type="button"
            class="button button-quiet button-small"
            :aria-pressed="row.out"
            :aria-label="
              row.out ? `Let ${row.grain.material.name} in again` : `Leave ${row.grain.material.name} out`
            "
            @click="emit('leaveOut', row.grain.material.id, !row.out)"
          >
            {{ row.out ? 'let in' : 'skip' }}
          </button>
        </div>
      </div>
      <p v-if="rows.length === 0" class="px-4 text-sm text-soft">
        {{
          find
            ? 'No jar of that name.'
            : 'No jar on the shelf suits this use. Receive some in Stock, or look at what could be bought.'
        }}
      </p>
    </div>
  </section>
</template>

<style scoped>
/* Under the mixture where there is no room beside it: in columns. */
@media (max-width: 1279px) {
  .jars {
    columns: 2;
    max-height: 320px;
  }
}
.jar.out .put {
  opacity: 0.5;
}
.put:hover:not(:disabled) {
  background: var(--color-bench);
}
</style>
