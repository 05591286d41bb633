<script setup lang="ts">
import { labToHex } from '~~/core/colour'
import {
  ages,
  bbchOf,
  dayOfMonthDay,
  formOf,
  habitatById,
  habitatWords,
  localDay,
  lookOn,
  regionsOf,
  type Age,
  type Place,
  type Species,
} from '~~/core/plants'
import { addDays, plainNumber } from '~~/core/units'
import type { Column } from '../../parts/table/column'

/** All that is known of a species: its ages, its year at the place in hand, where it grows and how it stands. */
const props = defineProps<{ species: Species; date: string; place: Place }>()
const { real } = useFormat()

const year = computed(() => props.date.slice(0, 4))
const look = computed(() => lookOn(props.species, props.date, props.place))
/** Every third day of the year as a colour. */
const strip = computed(
  () =>
    `linear-gradient(to right, ${Array.from({ length: 74 }, (_, i) => lookOn(props.species, addDays(`${year.value}-01-01`, Math.min(364, i * 5)), props.place).overall).join(', ')})`,
)
const here = (monthDay: string): string =>
  formatDay(addDays(`${year.value}-01-01`, Math.round(localDay(dayOfMonthDay(monthDay), props.place)) - 1))
const code = (monthDay: string, after = 0): string =>
  bbchOf(props.species, dayOfMonthDay(monthDay) + after)
    .map((value) => String(value).padStart(2, '0'))
    .join(', ')
const dates = computed(() => {
  const { dates: row } = props.species
  const list: [string, string, string][] = [
    ['buds burst', here(row.burst), code(row.burst)],
    ['full leaf', here(row.fullLeaf), code(row.fullLeaf, -0.01)],
  ]
  if (row.flower) list.push(['in flower', `${here(row.flower[0])} to ${here(row.flower[1])}`, '60–69'])
  if (row.fruit) list.push(['fruit or seed', `${here(row.fruit[0])} to ${here(row.fruit[1])}`, '81–89'])
  if (row.turning && row.fall && row.bare)
    list.push(
      ['turns', here(row.turning), '92'],
      ['leaves fall', here(row.fall), '93'],
      [props.species.keeps === 'dies back' ? 'died back' : 'bare', here(row.bare), '97'],
    )
  return list
})
const swatches = computed(() => {
  const { colours, bark } = props.species
  const list: [string, readonly [number, number, number] | undefined][] = [
    ['fresh', colours.fresh],
    ['summer', colours.summer],
    ...colours.turning.map((lab): [string, typeof lab] => ['turning', lab]),
    ['dead', colours.dead],
    ['twig', colours.twig],
    ['bark, low', bark.low],
    ['bark, high', bark.high],
    ['flower', colours.flower],
    ['fruit', colours.fruit],
  ]
  return list.flatMap(([name, lab]) =>
    lab
      ? [
          {
            name,
            hex: labToHex(lab),
            lab: `L* ${plainNumber(lab[0], 0)}, a* ${plainNumber(lab[1], 0)}, b* ${plainNumber(lab[2], 0)}`,
          },
        ]
      : [],
  )
})
const stemmed = computed(() => ages.some((age) => formOf(props.species, age).clearStemM > 0.05))
const facts = computed<[string, string][]>(() => {
  const row = props.species
  const form = formOf(row, 'mature')
  return [
    ['Habit', `${row.habit}, crown ${form.crownForm}${form.stems > 1 ? `, ${form.stems} stems` : ''}`],
    ['Region', regionsOf(row).join(', ') || 'not known here'],
    ['Leaf', `${plainNumber(row.leafMm, 0)} mm, ${row.arrangement}; ${row.keeps}`],
    ...(form.dbhM > 0 && form.crownForm !== 'blades'
      ? [
          ['Stem', `${Math.round(form.dbhM * 100)} cm at breast height, ${row.bark.marks}`] as [
            string,
            string,
          ],
        ]
      : []),
    ['See-through', `${Math.round(row.seeThrough * 100)} % in full leaf`],
    [
      'Stands',
      `${row.groups.as}, ${row.groups.size[0] === row.groups.size[1] ? row.groups.size[0] : row.groups.size.join(' to ')} together`,
    ],
    [
      'Grows in',
      row.habitats
        .map(
          ({ habitat, perHa }) =>
            `${habitatWords(habitatById(habitat))} (${plainNumber(perHa, 1)} to the ha)`,
        )
        .join(', ') || 'not known here',
    ],
    ['Figures', row.origin === 'yours' ? 'yours' : row.origin === 'memory' ? 'our estimate' : row.origin],
  ]
})
/** Measures at each age. */
type Measure = { readonly name: string; readonly mm: (age: Age) => number }
const measures = computed<readonly Measure[]>(() => {
  const at = (age: Age) => formOf(props.species, age)
  return [
    { name: 'Height', mm: (age) => at(age).heightM * 1000 },
    { name: 'Crown', mm: (age) => at(age).crownWidthM * 1000 },
    ...(stemmed.value ? [{ name: 'Clear stem', mm: (age: Age) => at(age).clearStemM * 1000 }] : []),
  ]
})
const measureColumns: readonly Column<Measure>[] = [
  { id: 'name', head: 'Age', text: ({ name }) => name, cell: 'pl-0 text-soft' },
  ...ages.map((age) => ({ id: age, head: age, number: true, text: ({ mm }: Measure) => real(mm(age)) })),
]
</script>

<template>
  <div class="[&_dt]:text-soft">
    <p class="mb-1">
      <strong>{{ formatDay(date) }}:</strong> {{ look.words }}
    </p>
    <div class="h-3.5 mb-2.5 border border-line" :style="{ background: strip }" aria-hidden="true" />
    <DataTable
      class="mb-3 text-sm"
      label="Size by age"
      :rows="measures"
      :columns="measureColumns"
      :key-of="({ name }) => name"
    />
    <dl class="grid grid-cols-[92px_1fr] gap-y-0.5 gap-x-2.5 text-[13px] leading-[1.35]">
      <template v-for="[name, value] in facts" :key="name"
        ><dt>{{ name }}</dt>
        <dd>{{ value }}</dd></template
      >
    </dl>
    <h3 class="mb-1 mt-3">
      The year here <span class="font-sans text-sm font-normal text-soft">with BBCH codes</span>
    </h3>
    <dl class="grid grid-cols-[92px_1fr] gap-y-0.5 gap-x-2.5 text-[13px] leading-[1.35]">
      <template v-for="[name, when, bbch] in dates" :key="name"
        ><dt>{{ name }}</dt>
        <dd>
          {{ when }} <span class="text-soft">{{ bbch }}</span>
        </dd></template
      >
    </dl>
    <ul class="swatches flex flex-wrap gap-y-1 gap-x-3 mt-2.5 text-[12px] text-soft">
      <li v-for="(swatch, i) in swatches" :key="i" :title="swatch.lab">
        <i :style="{ background: swatch.hex }" />{{ swatch.name }}
      </li>
    </ul>
    <p v-if="species.note" class="mt-2 text-sm">{{ species.note }}</p>
  </div>
</template>

<style scoped>
.swatches li {
  display: flex;
  align-items: center;
  gap: 5px;
}
.swatches i {
  width: 20px;
  height: 16px;
  border: 1px solid var(--color-line);
}
</style>
