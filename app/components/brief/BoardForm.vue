<script setup lang="ts">
import { Disclosure, DisclosureButton, DisclosurePanel } from '@headlessui/vue'
import { hazeLaws, hazeShare, USUAL_HAZE, type HazeLaw } from '~~/core/colour'
import {
  apparentShare,
  commissionFields,
  perspectiveFactor,
  USUAL_BOARD_DEPTH_MM,
  type Commission,
} from '~~/core/commissions'
import { isTropical, shiftsAt, type SeasonLaw } from '~~/core/plants'
import { counted, formatRealLength, plainNumber, readBounded, toRealMm } from '~~/core/units'
import { placeOf } from '../../stores/in-hand'
import { choicesOf } from '../../parts/fields/choice'

/** What is seldom set: stature, how deep the board is to seem, how colours are lightened, how the seasons fall. */
const props = defineProps<{ commission: Commission }>()
const workshop = useWorkshop()
const changeCommission = useDeed('changeCommission')
const days = (value: number | undefined): string => (value === undefined ? '' : String(value))
const { text, fault, take } = useFieldTexts(
  () => props.commission.id,
  () => {
    const { depthFactor, stature } = props.commission
    return {
      stature: plainNumber(stature * 100, 0),
      factor: depthFactor === undefined ? '' : plainNumber(depthFactor, 2),
      spring: days(props.commission.springDays),
      autumn: days(props.commission.autumnDays),
    }
  },
)

const store = (change: Partial<Commission>) => changeCommission(props.commission.id, change)
const leaveStature = () =>
  take('stature', readBounded(commissionFields.stature, text.stature), (stature) => store({ stature }))
const leaveFactor = () =>
  take(
    'factor',
    orNothing(text.factor, (typed) => readBounded(commissionFields.depthFactor, typed)),
    (factor) => store({ depthFactor: factor === 1 ? undefined : factor }),
  )
/** Days that spring or autumn come later than foretold: for who knows the place better. */
const leaveDays = (field: 'spring' | 'autumn', key: 'springDays' | 'autumnDays') =>
  take(
    field,
    orNothing(text[field], (typed) => readBounded(commissionFields[key], typed)),
    (days) => store({ [key]: days || undefined }),
  )

/** What forced perspective does at the back of the board, in words. */
const perspective = computed(() => {
  const { depthFactor, viewingMm, boardDepthMm, ratio } = props.commission
  if (depthFactor === undefined) return ''
  const depth = boardDepthMm ?? USUAL_BOARD_DEPTH_MM
  const real = formatRealLength(toRealMm(depth * depthFactor, ratio), workshop.settings.units)
  return `The back is built at ${Math.round(perspectiveFactor(viewingMm, depth, depthFactor) * 100)} %, and looks ${real} away; it would look ${Math.round(apparentShare(props.commission, 'back') * 100)} % of its size from here anyway.`
})
const hazeWords: Record<HazeLaw, string> = {
  physical: 'by the air alone',
  'common practice': 'as makers do',
  none: 'not at all',
}
const hazeOption = (law: HazeLaw): string => {
  const share = hazeShare(law, props.commission.ratio, props.commission.viewingMm)
  return `${hazeWords[law]}${share > 0 ? `, ${plainNumber(share * 100, 1)} % sky` : ''}`
}
const lawWords: Record<SeasonLaw, string> = {
  gentle: 'gently, as gardeners find',
  hopkins: 'by Hopkins’ law, 4 days a degree',
}
const season = computed(() => {
  if (isTropical(props.commission))
    return 'Within 23° of the equator the year is wet and dry: what sheds its leaves does so when it is dry.'
  const { spring, autumn } = shiftsAt(placeOf(props.commission))
  const south = props.commission.latitudeDeg < 0 ? ' Half a year turned, in the south.' : ''
  const words = (shift: number): string => {
    const whole = Math.round(shift)
    return whole === 0 ? 'the same' : `${counted(Math.abs(whole), 'day')} ${whole > 0 ? 'later' : 'sooner'}`
  }
  const both = [spring, autumn].every((shift) => Math.round(shift) === 0)
  return both
    ? `The seasons are those of 50° N, 100 m.${south}`
    : `Against 50° N, 100 m: spring ${words(spring)}, autumn ${words(autumn)}.${south}`
})
</script>

<template>
  <Disclosure v-slot="{ open }" as="div">
    <p class="text-[13px] leading-[18px] text-soft">
      {{ season }} {{ perspective }}
      <DisclosureButton class="py-0 px-1 text-moss font-semibold">{{
        open ? 'Less' : 'More'
      }}</DisclosureButton>
    </p>
    <DisclosurePanel
      class="board grid grid-cols-[0.8fr_0.9fr_1.5fr_1.7fr_0.8fr_0.8fr] gap-2.5 items-start mt-2"
    >
      <TextField
        v-model="text.stature"
        label="Stature, %"
        hint="60 to 100"
        :fault="fault.stature"
        @change="leaveStature"
      />
      <TextField
        v-model="text.factor"
        label="To seem deeper, ×"
        hint="1: as deep as it is"
        :fault="fault.factor"
        @change="leaveFactor"
      />
      <SelectField
        label="Colours lightened for scale"
        :model-value="commission.haze ?? USUAL_HAZE"
        :options="hazeLaws.map((law) => ({ value: law, words: hazeOption(law) }))"
        @update:model-value="(haze) => store({ haze })"
      />
      <SelectField
        label="Seasons follow the place"
        :model-value="commission.seasonLaw ?? 'gentle'"
        :options="choicesOf(lawWords)"
        @update:model-value="(seasonLaw) => store({ seasonLaw })"
      />
      <TextField
        v-model="text.spring"
        label="Spring later, d"
        hint="− sooner"
        :fault="fault.spring"
        @change="leaveDays('spring', 'springDays')"
      />
      <TextField
        v-model="text.autumn"
        label="Autumn later, d"
        hint="− sooner"
        :fault="fault.autumn"
        @change="leaveDays('autumn', 'autumnDays')"
      />
    </DisclosurePanel>
  </Disclosure>
</template>

<style scoped>
@media (max-width: 1100px) {
  .board {
    grid-template-columns: repeat(4, 1fr);
  }
}
@media (max-width: 800px) {
  .board {
    grid-template-columns: repeat(2, 1fr);
  }
}
</style>
