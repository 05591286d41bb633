<script setup lang="ts">
import { z } from 'zod'
import { choicesOf, plainChoices } from '../parts/fields/choice'
import {
  choice,
  day,
  maybe,
  money,
  note,
  number,
  oneOf,
  picked,
  quantity,
  tick,
  words,
} from '../parts/fields/field'
import { useFields } from '../parts/fields/use-fields'
import type { Column } from '../parts/table/column'

/** All parts in all their states, on one page: for those who make screens of them. */
const zone = ref('front')
const nothing = ref<string>()
const zones = [
  ...plainChoices(['front', 'middle', 'back']),
  { value: 'beyond', words: 'beyond the board', disabled: true },
]
const date = ref('2026-12-12')
const noDate = ref('')
const text = ref('4 mm')
const count = ref(2)
const picture = ref<string>()
const asking = ref(false)
const harming = ref(false)

const form = useFields(
  {
    name: words({ label: 'Name', placeholder: 'what you call it' }, 'A name is needed.'),
    stuff: choice(choicesOf({ foam: 'Foam', fibre: 'Static fibre' }), { label: 'Stuff', start: 'foam' }),
    from: oneOf(plainChoices(['bought', 'harvested'] as const), { label: 'Where from', start: 'bought' }),
    much: quantity('g', { label: 'How much', start: 40 }),
    price: maybe(money({ label: 'Price', hint: 'empty: nobody knows' })),
    days: number({ name: 'Keeps, days', schema: z.number().int().min(1).max(3650) }, { start: 365 }),
    on: day({ label: 'Day', start: '2026-10-04' }),
    line: picked({ label: 'Line', choices: plainChoices(['Beech', 'Hazel']) }),
    dry: tick({ label: 'It is dry' }),
    note: note(),
  },
  { send: () => Promise.resolve({ kind: 'none' }) },
)

interface Jar {
  id: string
  name: string
  grams: number
}
const jars: readonly Jar[] = [
  { id: 'olive', name: 'Foam, olive', grams: 40 },
  { id: 'straw', name: 'Fibre, straw', grams: 4 },
]
const columns: readonly Column<Jar>[] = [
  { id: 'name', head: 'Jar', by: ({ name }) => name, total: () => 'Together' },
  {
    id: 'grams',
    head: 'Held',
    number: true,
    by: ({ grams }) => grams,
    text: ({ grams }) => `${grams} g`,
    total: (rows) => `${rows.reduce((sum, { grams }) => sum + grams, 0)} g`,
  },
]
const keyOf = ({ id }: Jar): string => id
const opened = new Set(['olive'])
const ticked = shallowRef<ReadonlySet<string>>(new Set(['straw']))
const tones = ['moss', 'larch', 'hip', 'rain', 'plain'] as const
</script>

<template>
  <main data-floats class="scroller grid gap-6 p-6">
    <h1>All parts, in all states</h1>
    <section aria-label="Buttons" class="flex flex-wrap items-center gap-3">
      <h2 class="w-full">Buttons and tags</h2>
      <button type="button" class="button button-act">The one that is meant</button>
      <button type="button" class="button">Another</button>
      <button type="button" class="button button-quiet">A quiet one</button>
      <button type="button" class="button button-small">A small one</button>
      <button type="button" class="button button-danger">One that destroys</button>
      <button type="button" class="button button-act" disabled>Not now</button>
      <span v-for="tone in tones" :key="tone" class="tag" :class="`tag-${tone}`">{{ tone }}</span>
    </section>
    <section aria-label="Fields" class="grid grid-cols-3 gap-4">
      <h2 class="col-span-3">Fields</h2>
      <TextField v-model="text" label="As it is stored" hint="what it is for" />
      <TextField model-value="" label="Proposed" placeholder="75" />
      <TextField model-value="very" label="Wrong" fault="“very” is not a length." />
      <DateField v-model="date" label="A day" />
      <DateField v-model="noDate" label="No day yet" hint="empty: no promise" />
      <DateField v-model="noDate" label="A wrong day" fault="Pick a day." />
      <SelectField v-model="zone" label="One of a list" :options="zones" />
      <SelectField v-model="nothing" label="Nothing chosen" :options="zones" fault="Choose one." />
      <SelectField v-model="zone" label="Not to be changed" :options="zones" disabled />
      <SelectField v-model="zone" beside label="In a row of tools" :options="zones" />
      <SwitchField v-model="zone" label="One of a few" :options="zones.slice(0, 3)" />
      <CountField v-model="count" :most="9" :words="`${count} pieces`" />
      <PictureField v-model="picture" label="A picture" alt="What was picked" />
    </section>
    <section aria-label="A form" class="max-w-lg">
      <h2>A form of fields: send it to see its faults</h2>
      <FieldsForm :form="form" act="Keep" />
    </section>
    <section aria-label="Tables" class="grid gap-4">
      <h2>Tables</h2>
      <DataTable label="Rows" :rows="jars" :columns="columns" :key-of="keyOf" :open="opened">
        <template #opened="{ row }">what {{ row.name }} holds</template>
      </DataTable>
      <DataTable
        label="One chosen"
        :rows="jars"
        :columns="columns"
        :key-of="keyOf"
        :is-chosen="({ id }) => id === 'straw'"
      />
      <DataTable
        v-model:chosen="ticked"
        label="In groups, several chosen"
        :rows="jars"
        :columns="columns"
        :key-of="keyOf"
        :group-of="({ name }) => name.split(',')[0] ?? ''"
        :choosing="({ name }) => name"
      />
      <DataTable label="None" :rows="[]" :columns="columns" :key-of="keyOf" empty="No jar stands here." />
      <DataTable label="Not known yet" :rows="[]" :columns="columns" :key-of="keyOf" busy />
      <DataTable
        label="Not to be told"
        :rows="jars"
        :columns="columns"
        :key-of="keyOf"
        fault="The books can’t be read."
      />
    </section>
    <section aria-label="Questions" class="flex gap-3">
      <h2 class="w-full">Menus and questions</h2>
      <ActionMenu
        label="What can be done"
        button="button"
        :choices="[
          { words: 'Ask', act: () => (asking = true) },
          { words: 'Go home', to: '/', beside: 'away' },
        ]"
        >Menu</ActionMenu
      >
      <button type="button" class="button" @click="asking = true">Ask</button>
      <button type="button" class="button" @click="harming = true">Ask before something is lost</button>
      <ConfirmDialog v-model="asking" title="Is it dry?" act="It is dry"
        >Touch one where it doesn’t show.</ConfirmDialog
      >
      <ConfirmDialog v-model="harming" title="Wipe it?" act="Wipe" danger
        >It can’t be brought back.</ConfirmDialog
      >
    </section>
  </main>
</template>
