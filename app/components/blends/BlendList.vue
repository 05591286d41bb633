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
  <ul class="list" aria-label="Blends">
    <li v-for="row in rows" :key="row.blend.id">
      <button
        type="button"
        class="blend"
        :aria-pressed="row.blend.id === chosenId"
        @click="emit('choose', row.blend.id)"
      >
        <span class="pair" aria-hidden="true">
          <i :style="{ background: row.target?.colour ?? 'transparent' }" />
          <i :style="{ background: row.mixed?.sealed ?? 'transparent' }" />
        </span>
        <span class="min-w-0">
          <span class="name">{{ row.blend.name }}</span>
          <span class="block text-xs whitespace-nowrap text-soft"
            >{{ stands(row)
            }}<template v-if="row.off !== undefined && row.off >= 2.5">
              ·
              <span class="tag-word" :class="tags[nearnessOf(row.off)]">{{
                differenceWords(row.off)
              }}</span></template
            ><template v-if="row.short"> · <span class="tag-word tag-hip">short</span></template></span
          >
        </span>
      </button>
    </li>
  </ul>
</template>

<style scoped>
.list {
  display: flex;
  flex-wrap: wrap;
  gap: 0;
}
.blend {
  display: flex;
  align-items: center;
  gap: 8px;
  min-height: 46px;
  max-width: 250px;
  padding: 2px 12px 2px 8px;
  text-align: left;
  border-bottom: 3px solid transparent;
}
.blend:hover {
  background: var(--color-bench);
}
.blend[aria-pressed='true'] {
  border-bottom-color: var(--color-moss);
  background: var(--color-white);
}
.name {
  display: block;
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
  font-weight: 550;
}
.pair {
  flex: none;
  display: grid;
  width: 30px;
  height: 30px;
  border: 1px solid var(--color-line);
}
.tag-word {
  padding: 0 4px;
  border-radius: 2px;
}
</style>
