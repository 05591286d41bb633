<script setup lang="ts">
import type { Blend } from '~~/core/blends'
import { differenceWords, nearnessOf, type Nearness } from '~~/core/blends'
import { difference2000, toLab } from '~~/core/colour'
import { formatQuantity } from '~~/core/units'

/** The blends of the commission and of the workshop, with what there is of each and how far it is off now. */
const props = defineProps<{ blends: readonly Blend[]; chosenId?: string }>()
const emit = defineEmits<{ choose: [id: string] }>()
const store = useBlends()
const stock = useStock()
const shelf = useShelf()

const rows = computed(() =>
  props.blends.map((blend) => {
    const mixed = store.mixed.get(blend.id)
    const target = store.targetOf(blend)
    const off = mixed && target ? difference2000(toLab(mixed.sealed), target.lab) : undefined
    const jars = mixed?.jars ?? []
    const onHand = jars.reduce(
      (sum, { material }) => sum + (stock.stateById.get(material.id)?.onHand ?? 0),
      0,
    )
    const coming = jars.reduce((sum, { material }) => sum + (shelf.beingMade.get(material.id) ?? 0), 0)
    const short = jars.some(({ material }) => shelf.shortageOf.has(material.id))
    return { blend, mixed, target, off, onHand, coming, short }
  }),
)
const tags: Record<Nearness, string> = {
  same: 'tag-moss',
  close: 'tag-moss',
  near: 'tag-larch',
  other: 'tag-hip',
  wrong: 'tag-hip',
}
const stands = ({ onHand, coming, mixed }: (typeof rows.value)[number]): string =>
  !mixed
    ? 'no parts yet'
    : onHand > 0
      ? formatQuantity(onHand, 'g')
      : coming > 0
        ? `${formatQuantity(coming, 'g')} being mixed`
        : 'not mixed yet'
</script>

<template>
  <ul class="flex flex-wrap gap-0" aria-label="Blends">
    <li v-for="row in rows" :key="row.blend.id">
      <button
        type="button"
        class="blend flex items-center gap-2 min-h-11.5 max-w-62.5 pt-0.5 pr-3 pb-0.5 pl-2 text-left border-b-3 border-b-transparent"
        :aria-pressed="row.blend.id === chosenId"
        @click="emit('choose', row.blend.id)"
      >
        <span class="flex-none grid w-7.5 h-7.5 border border-line" aria-hidden="true">
          <i :style="{ background: row.target?.colour ?? 'transparent' }" />
          <i :style="{ background: row.mixed?.sealed ?? 'transparent' }" />
        </span>
        <span class="min-w-0">
          <span class="block overflow-hidden text-ellipsis whitespace-nowrap font-[550]">{{
            row.blend.name
          }}</span>
          <span class="block text-xs whitespace-nowrap text-soft"
            >{{ stands(row)
            }}<template v-if="row.off !== undefined && row.off >= 2.5">
              ·
              <span class="px-1 rounded-[2px]" :class="tags[nearnessOf(row.off)]">{{
                differenceWords(row.off)
              }}</span></template
            ><template v-if="row.short">
              · <span class="py-0 px-1 rounded-[2px] tag-hip">short</span></template
            ></span
          >
        </span>
      </button>
    </li>
  </ul>
</template>

<style scoped>
.blend:hover {
  background: var(--color-bench);
}
.blend[aria-pressed='true'] {
  border-bottom-color: var(--color-moss);
  background: var(--color-white);
}
</style>
