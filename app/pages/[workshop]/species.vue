<script setup lang="ts">
import { habitats, habits, type HabitatId, type Species } from '~~/core/plants'
import { namedChoices, plainChoices } from '../../parts/fields/choice'

/** The species library: every kind drawn on the day in hand, what is known of it, and the maker's own. */
const route = useRoute()
const workshop = useWorkshop()
const removeSpecies = useDeed('removeSpecies')
const commission = useCommission()
const notices = useNotices()
const find = ref('')
const habit = ref('')
const habitat = ref<HabitatId | ''>('')
const editing = shallowRef<{ base: Species; isNew: boolean }>()
const removing = ref(false)
useStation('Species', () => {
  if (chosen.value) editing.value = { base: chosen.value, isNew: true }
})

const own = computed(() => new Set(workshop.species.filter(({ removed }) => !removed).map(({ id }) => id)))
const found = computed(() => {
  const words = find.value.toLowerCase().split(/\s+/).filter(Boolean)
  return workshop.kinds.filter(
    (row) =>
      words.every((word) => `${row.common} ${row.botanical}`.toLowerCase().includes(word)) &&
      (habit.value === '' || (habit.value === 'own' ? own.value.has(row.id) : row.habit === habit.value)) &&
      (habitat.value === '' || row.habitats.some((at) => at.habitat === habitat.value)),
  )
})
const chosenId = computed(() => String(route.query.kind ?? commission.selected?.species.id ?? 'beech'))
const chosen = computed<Species | undefined>(
  () => workshop.kinds.find(({ id }) => id === chosenId.value) ?? found.value[0],
)
const place = computed(() => commission.current ?? { latitudeDeg: 50, altitudeM: 100 })
function choose(id: string): void {
  void navigateTo({ query: { kind: id } }, { replace: true })
}
function saved(id: string): void {
  editing.value = undefined
  choose(id)
  notices.done('It is among the species now.')
}
const newLine = useNewLine()
async function addToBrief(): Promise<void> {
  const row = chosen.value
  if (!row) return
  const answer = await newLine(row)
  if (answer?.kind === 'ok')
    notices.done(`“${answer.value.name}” is a line of “${commission.current?.name}” now.`)
}
async function remove(): Promise<void> {
  const row = chosen.value
  if (!row) return
  const answer = await removeSpecies(row.id)
  if (answer.kind === 'ok') choose('beech')
}
</script>

<template>
  <SpeciesForm
    v-if="editing"
    :key="editing.base.id"
    :base="editing.base"
    :is-new="editing.isNew"
    :date="commission.date"
    :place="place"
    @saved="saved"
    @leave="editing = undefined"
  />
  <div v-else class="page grid grid-cols-[minmax(0,1fr)_372px] h-full">
    <div class="flex flex-col min-h-0">
      <div class="flex flex-wrap items-center gap-2 py-1.5 px-5 border-b border-b-line">
        <h1>Species</h1>
        <input
          v-model="find"
          class="field field-cell !w-44"
          placeholder="Name"
          aria-label="Name of a species"
          autocomplete="off"
        />
        <SelectField
          v-model="habit"
          cell
          class="w-32"
          label="Habit"
          :options="[
            { value: '', words: 'all habits' },
            ...plainChoices(habits),
            { value: 'own', words: 'my own' },
          ]"
        />
        <SelectField
          v-model="habitat"
          cell
          class="w-44"
          label="Habitat"
          :options="[{ value: '', words: 'all habitats' }, ...namedChoices(habitats)]"
        />
        <span class="text-sm text-soft">{{ found.length }} kinds, on {{ formatDay(commission.date) }}</span>
      </div>
      <ul
        v-if="found.length > 0"
        class="grid grid-cols-[repeat(auto-fill,minmax(112px,1fr))] overflow-auto py-2 px-3 gap-1"
      >
        <li v-for="row in found" :key="row.id">
          <button
            type="button"
            class="kind grid justify-items-center w-full py-1 px-0.5 rounded-md border border-transparent"
            :aria-pressed="row.id === chosen?.id"
            @click="choose(row.id)"
          >
            <span aria-hidden="true"
              ><SpeciesThumb :species="row" :date="commission.date" :place="place" :width="104" :height="104"
            /></span>
            <span class="text-[13px] leading-[1.2] text-center"
              >{{ row.common }}<template v-if="own.has(row.id)"> (mine)</template></span
            >
          </button>
        </li>
      </ul>
      <p v-else class="m-5 text-soft">
        No species is called that. Choose a similar one and make a copy of your own.
      </p>
    </div>
    <aside
      v-if="chosen"
      class="detail border-l border-l-line pt-2.5 px-4.5 pb-6 overflow-auto"
      tabindex="0"
      :aria-label="chosen.common"
    >
      <h2>{{ chosen.common }}</h2>
      <p class="botanical mb-1">{{ chosen.botanical }}</p>
      <SpeciesThumb
        :key="chosen.id"
        :species="chosen"
        :date="commission.date"
        :place="place"
        :width="336"
        :height="170"
        all
      />
      <SpeciesFacts :species="chosen" :date="commission.date" :place="place" />
      <CommitBar label="The chosen kind">
        <p class="flex-1 font-semibold">{{ chosen.common }}</p>
        <button
          v-if="own.has(chosen.id)"
          type="button"
          class="button"
          @click="editing = { base: chosen, isNew: false }"
        >
          Change
        </button>
        <button type="button" class="button" @click="editing = { base: chosen, isNew: true }">
          Make a copy of my own
        </button>
        <button v-if="own.has(chosen.id)" type="button" class="button button-danger" @click="removing = true">
          Remove
        </button>
        <button v-if="commission.current" type="button" class="button button-act" @click="addToBrief">
          Add to the brief
        </button>
      </CommitBar>
      <ConfirmDialog
        v-model="removing"
        :title="`Remove “${chosen.common}”?`"
        act="Remove species"
        danger
        @confirm="remove"
        >It goes out of the list. Lines that use it must be changed first.</ConfirmDialog
      >
    </aside>
  </div>
</template>

<style scoped>
.kind:hover {
  background: var(--color-hover);
}
.kind[aria-pressed='true'] {
  border-color: var(--color-moss);
  background: var(--color-hover);
}
@media (max-width: 900px) {
  .page {
    grid-template-columns: 1fr;
    height: auto;
  }
  .detail {
    border-left: 0;
    border-top: 1px solid var(--color-line);
  }
}
</style>
