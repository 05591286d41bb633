<script setup lang="ts">
import {
  blendUses,
  blendUseWords,
  textures,
  textureWords,
  toneNames,
  type Blend,
  type BlendTarget,
} from '~~/core/blends'
import { sealers, sealerWords } from '~~/core/colour'
import { plainNumber } from '~~/core/units'
import type { ReadTarget } from '../../stores/blends'

/** What a blend is to look like once sealed, what it is for, and how it is fixed. */
const props = defineProps<{ blend: Blend; target?: ReadTarget; locked: boolean }>()
const emit = defineEmits<{
  change: [fields: Partial<Omit<Blend, 'id' | 'changedAt' | 'fieldsAt'>>]
  photo: []
}>()
const workshop = useWorkshop()
const store = useBlends()

const kinds: Record<BlendTarget['kind'], string> = {
  tone: 'a tone of a line',
  colour: 'a colour',
  material: 'the ground’s own',
  blend: 'an older blend',
}
const lines = computed(() =>
  workshop.lines.filter(
    ({ commissionId }) => props.blend.commissionId === undefined || commissionId === props.blend.commissionId,
  ),
)
const offered = computed(() => {
  const { target } = props.blend
  return windowOf(
    lines.value,
    target?.kind === 'tone' ? lines.value.findIndex(({ id }) => id === target.lineId) : 0,
  )
})
const grounds = computed(() =>
  workshop.materials.filter(
    ({ of }) =>
      (of.stuff === 'powder' || (of.stuff === 'liquid' && of.liquid === 'paint')) && of.colour !== undefined,
  ),
)
const others = computed(() => workshop.blends.filter(({ id }) => id !== props.blend.id))
function aimFor(kind: BlendTarget['kind']): BlendTarget | undefined {
  const [line, ground, other] = [lines.value[0], grounds.value[0], others.value[0]]
  switch (kind) {
    case 'tone':
      return line && { kind, lineId: line.id, tone: 'base' }
    case 'colour':
      return { kind, colour: props.target?.colour ?? '#5a7a36', from: 'typed' }
    case 'material':
      return ground && { kind, materialId: ground.id }
    case 'blend':
      return other && { kind, blendId: other.id }
  }
}
const can = (kind: BlendTarget['kind']): boolean => aimFor(kind) !== undefined
function chooseKind(kind: string): void {
  const target = aimFor(kind as BlendTarget['kind'])
  if (target) emit('change', { target })
}
const tone = computed(() => (props.blend.target.kind === 'tone' ? props.blend.target : undefined))
const toneName = { shade: 'shade', base: 'base', light: 'highlight' } as const

const typed = ref('')
const fault = ref('')
watch(
  () => props.blend.target,
  (target) => {
    typed.value = target.kind === 'colour' ? target.colour : ''
    fault.value = ''
  },
  { immediate: true },
)
function takeColour(text: string): void {
  const colour = (text.trim().startsWith('#') ? text.trim() : `#${text.trim()}`).toLowerCase()
  if (!/^#[0-9a-f]{6}$/.test(colour)) {
    fault.value = `Colour: read “${text.trim()}”; allowed is #rrggbb, such as #8a5f2e.`
    return
  }
  emit('change', { target: { kind: 'colour', colour, from: 'typed' } })
}
const sealing = computed(() => store.sealings[props.blend.sealer])
const sealingWords = computed(() => {
  const { lightness, chroma, tiles } = sealing.value
  if (props.blend.sealer === 'none') return 'It stays as it is mixed.'
  const spread = (value: number): string => plainNumber(value, 3)
  return tiles > 0
    ? `By your ${tiles} tiles: L* × ${spread(lightness.value)} ± ${spread(lightness.error)}, C* × ${spread(chroma.value)} ± ${spread(chroma.error)}.`
    : `From memory, until there are three measured tiles: L* × ${spread(lightness.value)}, C* × ${spread(chroma.value)}.`
})
const choose = (event: Event): string => (event.target as HTMLSelectElement).value
</script>

<template>
  <section class="px-5 py-3" aria-label="Target">
    <h2 class="mb-2">Target, once sealed</h2>
    <div
      class="swatch"
      :style="{ background: target?.colour ?? 'transparent' }"
      role="img"
      :aria-label="target ? `Target ${target.words}: ${target.colour}` : 'No target'"
    />
    <p class="mt-1 mb-3 text-sm text-soft">
      {{
        target ? `${target.words} · ${target.colour}` : 'What it was to match is gone: choose another target.'
      }}
    </p>
    <div class="grid gap-2">
      <label class="text-sm text-soft"
        >It is to match
        <select class="field" :value="blend.target.kind" @change="chooseKind(choose($event))">
          <option v-for="(words, kind) in kinds" :key="kind" :value="kind" :disabled="!can(kind)">
            {{ words }}
          </option>
        </select></label
      >
      <div v-if="tone" class="grid gap-2">
        <select
          class="field"
          aria-label="Line to match"
          :value="tone.lineId"
          @change="emit('change', { target: { ...tone, lineId: choose($event) } })"
        >
          <option v-for="line in offered" :key="line.id" :value="line.id">{{ line.name }}</option>
        </select>
        <select
          class="field"
          aria-label="Tone to match"
          :value="tone.tone"
          @change="
            emit('change', { target: { ...tone, tone: choose($event) as (typeof toneNames)[number] } })
          "
        >
          <option v-for="name in toneNames" :key="name" :value="name">{{ toneName[name] }}</option>
        </select>
      </div>
      <div v-else-if="blend.target.kind === 'colour'" class="flex items-start gap-2">
        <input
          type="color"
          class="picker"
          aria-label="Pick the colour"
          :value="blend.target.colour"
          @change="takeColour(choose($event))"
        />
        <TextField
          v-model="typed"
          class="flex-1"
          label="Colour"
          hide-label
          :fault="fault"
          @change="takeColour(typed)"
        />
      </div>
      <select
        v-else-if="blend.target.kind === 'material'"
        class="field"
        aria-label="Ground to match"
        :value="blend.target.materialId"
        @change="emit('change', { target: { kind: 'material', materialId: choose($event) } })"
      >
        <option v-for="material in grounds" :key="material.id" :value="material.id">
          {{ material.name }}
        </option>
      </select>
      <select
        v-else-if="blend.target.kind === 'blend'"
        class="field"
        aria-label="Blend to match"
        :value="blend.target.blendId"
        @change="emit('change', { target: { kind: 'blend', blendId: choose($event) } })"
      >
        <option v-for="other in others" :key="other.id" :value="other.id">{{ other.name }}</option>
      </select>
      <button type="button" class="button button-small justify-self-start" @click="emit('photo')">
        Take it from a photograph…
      </button>
      <label class="text-sm text-soft"
        >For
        <select
          class="field"
          :value="blend.use"
          :disabled="locked"
          @change="emit('change', { use: choose($event) as Blend['use'] })"
        >
          <option v-for="use in blendUses" :key="use" :value="use">{{ blendUseWords[use] }}</option>
        </select></label
      >
      <label class="text-sm text-soft"
        >Grain
        <select
          class="field"
          :value="blend.texture"
          @change="emit('change', { texture: choose($event) as Blend['texture'] })"
        >
          <option v-for="texture in textures" :key="texture" :value="texture">
            {{ textureWords[texture] }}
          </option>
        </select></label
      >
      <label class="text-sm text-soft"
        >Fixed with
        <select
          class="field"
          :value="blend.sealer"
          :disabled="locked"
          @change="emit('change', { sealer: choose($event) as Blend['sealer'] })"
        >
          <option v-for="sealer in sealers" :key="sealer" :value="sealer">{{ sealerWords[sealer] }}</option>
        </select></label
      >
      <p class="text-xs text-soft">{{ sealingWords }}</p>
    </div>
  </section>
</template>

<style scoped>
.swatch {
  height: 64px;
  border: 1px solid var(--color-line);
}
.picker {
  width: 44px;
  height: 40px;
  padding: 2px;
  border: 1px solid #8b988f;
  border-radius: 4px;
  background: #fff;
}
</style>
