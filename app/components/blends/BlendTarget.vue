<script setup lang="ts">
import { blendUseWords, textureWords, type Blend, type BlendTarget } from '~~/core/blends'
import { sealerWords } from '~~/core/colour'
import { plainNumber } from '~~/core/units'
import { choicesOf, namedChoices } from '../../parts/fields/choice'
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
      class="h-16 border border-line"
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
      <SelectField
        label="It is to match"
        :model-value="blend.target.kind"
        :options="choicesOf(kinds).map((one) => ({ ...one, disabled: !can(one.value) }))"
        @update:model-value="chooseKind"
      />
      <div v-if="tone" class="grid gap-2">
        <SelectField
          cell
          label="Line to match"
          :model-value="tone.lineId"
          :options="namedChoices(offered)"
          @update:model-value="(lineId) => emit('change', { target: { ...tone!, lineId } })"
        />
        <SelectField
          cell
          label="Tone to match"
          :model-value="tone.tone"
          :options="choicesOf(toneName)"
          @update:model-value="(name) => emit('change', { target: { ...tone!, tone: name } })"
        />
      </div>
      <div v-else-if="blend.target.kind === 'colour'" class="flex items-start gap-2">
        <input
          type="color"
          class="w-11 h-10 p-0.5 border border-edge rounded-md bg-white"
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
      <SelectField
        v-else-if="blend.target.kind === 'material'"
        cell
        label="Ground to match"
        :model-value="blend.target.materialId"
        :options="namedChoices(grounds)"
        @update:model-value="(materialId) => emit('change', { target: { kind: 'material', materialId } })"
      />
      <SelectField
        v-else-if="blend.target.kind === 'blend'"
        cell
        label="Blend to match"
        :model-value="blend.target.blendId"
        :options="namedChoices(others)"
        @update:model-value="(blendId) => emit('change', { target: { kind: 'blend', blendId } })"
      />
      <button type="button" class="button button-small justify-self-start" @click="emit('photo')">
        Take it from a photograph…
      </button>
      <SelectField
        label="For"
        :model-value="blend.use"
        :disabled="locked"
        :options="choicesOf(blendUseWords)"
        @update:model-value="(use) => emit('change', { use })"
      />
      <SelectField
        label="Grain"
        :model-value="blend.texture"
        :options="choicesOf(textureWords)"
        @update:model-value="(texture) => emit('change', { texture })"
      />
      <SelectField
        label="Fixed with"
        :model-value="blend.sealer"
        :disabled="locked"
        :options="choicesOf(sealerWords)"
        @update:model-value="(sealer) => emit('change', { sealer })"
      />
      <p class="text-xs text-soft">{{ sealingWords }}</p>
    </div>
  </section>
</template>
