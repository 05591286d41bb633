<script setup lang="ts">
import {
  sameParts,
  setSteps,
  toneNames as toneList,
  type Tile,
  type Blend,
  type Bound,
  type Solution,
} from '~~/core/blends'
import { noSealing, toLab } from '~~/core/colour'

const route = useRoute()
const router = useRouter()
const workshop = useWorkshop()
const changeBlend = useDeed('changeBlend')
const removeBlend = useDeed('removeBlend')
const saveBlend = useDeed('saveBlend')
const commission = useCommission()
const store = useBlends()
const notices = useNotices()

/** Those of the commission in hand, and those of none; a set stands together, dark to light. */
const shown = computed(() => {
  const own = workshop.blends.filter(
    ({ commissionId }) => commissionId === undefined || commissionId === commission.current?.id,
  )
  const first = (blend: Blend): number =>
    own.findIndex(({ id, setId }) => id === blend.id || (setId !== undefined && setId === blend.setId))
  const tone = ({ target: aim }: Blend): number => (aim.kind === 'tone' ? toneList.indexOf(aim.tone) : 0)
  return [...own].sort((a, b) => first(a) - first(b) || tone(a) - tone(b))
})
const stored = computed<Blend | undefined>(
  () => workshop.blends.find(({ id }) => id === route.query.blend) ?? shown.value[0],
)
const { draft, mixed, resting, restingMixed, mixes, change, setParts } = useBlendDraft(() => stored.value)
const choose = (id: string): Promise<unknown> => router.replace({ query: { ...route.query, blend: id } })
const locked = computed(() => mixes.value.length > 0)
const target = computed(() => draft.value && store.targetOf(draft.value))
/** The plant whose tone is to be matched, as it stands on the day. */
const plant = computed(() => {
  const aim = draft.value?.target
  return aim?.kind === 'tone' ? commission.plants.find(({ line }) => line.id === aim.lineId) : undefined
})
/** How the tones of its set stand to their base. */
const steps = computed(() => {
  const setId = draft.value?.setId
  if (setId === undefined) return []
  return setSteps(
    workshop.blends
      .filter((own) => own.setId === setId)
      .flatMap((own) => {
        const is = own.id === draft.value?.id ? mixed.value : store.mixed.get(own.id)
        const aim = store.targetOf(own)
        return own.target.kind === 'tone' && is && aim
          ? [{ tone: own.target.tone, wanted: aim.lab, is: toLab(is.sealed) }]
          : []
      }),
  )
})
const sealing = computed(() => (draft.value ? store.sealings[draft.value.sealer] : noSealing))
const bounds = computed<readonly Bound[]>(() => draft.value?.bounds ?? [])

useStation('Blends', () => void create())
const { making, create, createSet, createFrom } = useNewBlends(choose)
const { buyable, answer, searching } = useMixSearch(() => resting.value)

async function put(materialId: string, parts: number): Promise<void> {
  const done = await setParts(materialId, parts)
  if (done.kind === 'none' && !locked.value) notices.fault(done.because)
}
const add = (materialId: string): Promise<void> =>
  put(materialId, (draft.value?.parts.find((part) => part.materialId === materialId)?.parts ?? 0) + 1)
function bind(materialId: string, bound: Omit<Bound, 'materialId'> | undefined): void {
  const others = bounds.value.filter((own) => own.materialId !== materialId)
  void change({ bounds: bound ? [...others, { materialId, ...bound }] : [...others] })
}
const take = (solution: Solution): void => {
  void change({ parts: solution.parts.map((part) => ({ ...part })) })
}
function swap(outId: string, inId: string): void {
  void change({
    parts: (draft.value?.parts ?? []).map((part) =>
      part.materialId === outId ? { ...part, materialId: inId } : part,
    ),
  })
}
/** A changed recipe is a blend of its own. */
async function copy(): Promise<void> {
  const own = draft.value
  if (!own) return
  const { id: _id, changedAt: _changedAt, fieldsAt: _fieldsAt, date: _date, ...rest } = own
  const answer = await saveBlend({ ...rest, name: `${own.name.slice(0, 110)}, again` })
  if (answer.kind === 'ok') await choose(answer.value.id)
}
async function remove(): Promise<void> {
  if (!draft.value) return
  const { name, id } = draft.value
  const answer = await removeBlend(id)
  if (answer.kind === 'ok') {
    notices.done(`“${name}” is gone; what was mixed of it stays on the shelf.`)
    await router.replace({ query: {} })
  }
}
const removing = ref(false)
const picking = ref(false)
/** A tile's recipe once more: into this blend, or where that has been mixed, into a new one. */
async function again(tile: Tile): Promise<void> {
  const own = draft.value
  if (!own || sameParts(own.parts, tile.parts)) {
    notices.done('This is the recipe in hand.')
    return
  }
  const parts = tile.parts.map((part) => ({ ...part }))
  if (!locked.value) {
    await change({ parts })
    return
  }
  const { id: _id, changedAt: _changedAt, fieldsAt: _fieldsAt, date: _date, ...rest } = own
  const answer = await saveBlend({ ...rest, name: tile.name, parts, sealer: tile.sealer })
  if (answer.kind === 'ok') await choose(answer.value.id)
}

const name = ref('')
watch(
  [() => draft.value?.id, () => draft.value?.name],
  () => {
    name.value = draft.value?.name ?? ''
  },
  { immediate: true },
)
async function rename(): Promise<void> {
  if (!draft.value) return
  const answer = await changeBlend(draft.value.id, { name: name.value })
  if (answer.kind === 'none') name.value = draft.value.name
}
</script>

<template>
  <div>
    <div class="flex flex-wrap items-center gap-3 border-b border-line px-5 pt-3 pb-1">
      <h1>Blends</h1>
      <BlendList :blends="shown" :chosen-id="draft?.id" @choose="choose" />
      <span class="flex-1" />
      <button
        v-if="commission.selected"
        type="button"
        class="button button-small"
        :disabled="making"
        @click="createSet"
      >
        {{ making ? 'Searching…' : `Set of three for ${commission.selected.line.name}` }}
      </button>
      <button type="button" class="button button-small" @click="create">New blend</button>
    </div>
    <template v-if="draft">
      <div class="flex flex-wrap items-center gap-3 px-5 pt-2">
        <input
          v-model="name"
          class="field title max-w-[420px] font-title text-[18px] font-[650] border-transparent bg-transparent pl-1 -ml-1"
          aria-label="Name of the blend"
          @change="rename"
        />
        <span v-if="locked" class="text-sm text-soft">
          Mixed as
          {{
            mixes
              .map((batch) => batch.name)
              .slice(-2)
              .join(', ')
          }}: its recipe stays.
        </span>
        <span class="flex-1" />
        <button type="button" class="button button-quiet button-small" @click="copy">
          {{ locked ? 'Change it as a new blend' : 'Copy' }}
        </button>
        <button type="button" class="button button-quiet button-small" @click="removing = true">
          Remove
        </button>
        <ConfirmDialog
          v-if="removing"
          v-model="removing"
          title="Remove this blend?"
          act="Remove it"
          danger
          @confirm="remove"
          >“{{ draft.name }}” goes off the list. What was mixed of it stays on the shelf.</ConfirmDialog
        >
      </div>
      <div class="grid lg:grid-cols-[230px_minmax(0,1fr)] xl:grid-cols-[250px_minmax(0,1fr)_290px]">
        <BlendTarget
          :blend="draft"
          :target="target"
          :locked="locked"
          @change="change"
          @photo="picking = true"
        />
        <div class="min-w-0 border-line lg:border-l">
          <BlendMixture
            :mixed="mixed"
            :target="target"
            :sealing="sealing"
            :bounds="bounds"
            :locked="locked"
            :plant="plant"
            :steps="steps"
            @parts="put"
            @pin="(id, parts) => bind(id, parts === undefined ? undefined : { least: parts, most: parts })"
          />
          <LaterPart>
            <BlendOffers
              :answer="answer"
              :searching="searching || resting !== draft"
              :sealing="sealing"
              :locked="locked"
              @take="take"
            />
          </LaterPart>
        </div>
        <LaterPart>
          <JarShelf
            v-model:buyable="buyable"
            :blend="resting ?? draft"
            :bounds="bounds"
            :locked="locked"
            @add="add"
            @leave-out="(id, out) => bind(id, out ? { most: 0 } : undefined)"
          />
        </LaterPart>
      </div>
      <LaterPart>
        <BlendMake
          v-if="restingMixed && resting"
          :blend="resting"
          :mixed="restingMixed"
          :sealing="sealing"
          :locked="locked"
          @change="change"
          @swap="swap"
        />
      </LaterPart>
      <LaterPart>
        <BlendLines v-if="restingMixed" :mixed="restingMixed" />
      </LaterPart>
      <LaterPart>
        <TilePanel :blend="resting ?? draft" :locked="locked" @take="again" />
      </LaterPart>
      <MeasureDialog v-if="picking" :title="draft.name" :blend="draft" @close="picking = false" />
    </template>
    <LaterPart>
      <PalettePanel :blends="shown" @propose="createFrom" />
    </LaterPart>
    <div v-if="!draft" class="m-8 max-w-lg">
      <p class="mb-4">
        A blend is a recipe in whole parts that has the wanted colour once it is sealed. Begin with a set of
        three for a line, or with one of your own.
      </p>
      <button type="button" class="button button-act" @click="create">New blend</button>
    </div>
  </div>
</template>

<style scoped>
.title:hover,
.title:focus {
  border-color: var(--color-edge);
  background: var(--color-white);
}
</style>
