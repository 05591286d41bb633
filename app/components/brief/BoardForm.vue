<script setup lang="ts">
import { hazeLaws, hazeShare, USUAL_HAZE, type HazeLaw } from '~~/core/colour'
import {
  apparentShare,
  commissionFields,
  perspectiveFactor,
  USUAL_BOARD_DEPTH_MM,
  type Commission,
} from '~~/core/commissions'
import { isTropical, seasonLaws, shiftsAt, type SeasonLaw } from '~~/core/plants'
import {
  counted,
  formatModelLength,
  formatRealLength,
  plainNumber,
  readBounded,
  readBoundedLength,
  toRealMm,
} from '~~/core/units'
import { changeCommission } from '../../db/commands/brief'
import { placeOf } from '../../stores/commission'

/** The board that the commission stands on, how deep it is to seem, and how colours are lightened for scale. */
const props = defineProps<{ commission: Commission }>()
const workshop = useWorkshop()
const length = (mm: number | undefined): string =>
  mm === undefined ? '' : formatModelLength(mm, workshop.settings.units)
const days = (value: number | undefined): string => (value === undefined ? '' : String(value))
const { text, fault, take } = useFieldTexts(
  () => props.commission.id,
  () => {
    const { boardWidthMm, boardDepthMm, depthFactor } = props.commission
    return {
      width: length(boardWidthMm),
      depth: length(boardDepthMm),
      factor: depthFactor === undefined ? '' : plainNumber(depthFactor, 2),
      spring: days(props.commission.springDays),
      autumn: days(props.commission.autumnDays),
    }
  },
)

const store = (change: Partial<Commission>) =>
  workshop.dispatch(changeCommission, props.commission.id, change)
const leaveLength = (field: 'width' | 'depth', key: 'boardWidthMm' | 'boardDepthMm') =>
  take(
    field,
    orNothing(text[field], (typed) => readBoundedLength(commissionFields[key], typed)),
    (mm) => store({ [key]: mm }),
  )
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
  <div class="board">
    <TextField
      v-model="text.width"
      label="Board, width"
      hint="such as 0.9 m, 36in"
      :fault="fault.width"
      @change="leaveLength('width', 'boardWidthMm')"
    />
    <TextField
      v-model="text.depth"
      label="Board, depth"
      hint="front to back"
      :fault="fault.depth"
      @change="leaveLength('depth', 'boardDepthMm')"
    />
    <TextField
      v-model="text.factor"
      label="To seem deeper, ×"
      hint="1: as deep as it is"
      :fault="fault.factor"
      @change="leaveFactor"
    />
    <div>
      <label class="label" for="haze">Colours lightened for scale</label>
      <select
        id="haze"
        class="field"
        :value="commission.haze ?? USUAL_HAZE"
        @change="store({ haze: ($event.target as HTMLSelectElement).value as HazeLaw })"
      >
        <option v-for="law in hazeLaws" :key="law" :value="law">{{ hazeOption(law) }}</option>
      </select>
    </div>
    <div>
      <label class="label" for="season-law">Seasons follow the place</label>
      <select
        id="season-law"
        class="field"
        :value="commission.seasonLaw ?? 'gentle'"
        @change="store({ seasonLaw: ($event.target as HTMLSelectElement).value as SeasonLaw })"
      >
        <option v-for="law in seasonLaws" :key="law" :value="law">{{ lawWords[law] }}</option>
      </select>
    </div>
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
    <p class="says">{{ season }} {{ perspective }}</p>
  </div>
</template>

<style scoped>
.board {
  display: grid;
  grid-template-columns: 0.9fr 0.9fr 0.9fr 1.5fr 1.7fr 0.8fr 0.8fr;
  gap: 10px;
  align-items: start;
}
.says {
  grid-column: 1 / -1;
  margin-top: -6px;
  font-size: 13px;
  line-height: 1.35;
  color: var(--color-soft);
}
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
