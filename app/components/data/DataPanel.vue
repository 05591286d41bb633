<script setup lang="ts">
import { MAX_FILE_CHARACTERS, type Decision } from '~~/core/workshop'
import { DEMO_KEY, OWN_KEY, workshopKeys } from '../../db/database'
import { storageFault } from '../../db/storage-faults'
import { save } from '../../composables/save'
import type { Column } from '../../parts/table/column'
import type { Contents } from '../../workers/workshop-file'

/** Export, import, wipe; and the workshops that are in this browser. */
const workshop = useWorkshop()
const notices = useNotices()
const files = useWorkshopFiles()
const keys = ref<string[]>([])
const refresh = async (): Promise<void> => {
  keys.value = await workshopKeys()
}
onMounted(refresh)
interface Listed {
  readonly key: string
  readonly isThere: boolean
}
/** Those that are there; one's own, even where it is still to be begun. */
const listed = computed<Listed[]>(() => [
  ...keys.value.map((key) => ({ key, isThere: true })),
  ...(keys.value.includes(OWN_KEY) ? [] : [{ key: OWN_KEY, isThere: false }]),
])
const columns: readonly Column<Listed>[] = [
  { id: 'name', head: 'Workshop' },
  { id: 'acts', head: 'What to do with it', number: true },
]

const busy = ref(false)
async function whileBusy(work: () => Promise<void>): Promise<void> {
  busy.value = true
  try {
    await work()
  } catch (error) {
    notices.fault(`Nothing was changed: ${storageFault(error)}`)
  } finally {
    busy.value = false
  }
}

const exportFile = () =>
  whileBusy(async () => {
    const { name, file } = await files.written(workshop.key)
    save(file, `${name.replace(/[^\p{L}\p{N}]+/gu, '-').toLowerCase()}-${today()}.json`)
    notices.done('The workshop is exported.')
  })

const read = shallowRef<{ name: string; contents: Contents }>()
const fault = ref('')
async function choose(event: Event): Promise<void> {
  const input = event.target as HTMLInputElement
  const file = input.files?.[0]
  input.value = ''
  read.value = undefined
  fault.value = ''
  if (!file) return
  await whileBusy(async () => {
    if (file.size > MAX_FILE_CHARACTERS * 2) {
      fault.value = 'The file is too large to be a workshop.'
      return
    }
    const reading = await files.read(file)
    if (reading.kind === 'none') fault.value = reading.because
    else read.value = { name: file.name, contents: reading.value }
  })
}
const words = (counts: Record<string, number>): string =>
  [
    ['commissions', 'commission'],
    ['lines', 'line'],
    ['batches', 'batch'],
    ['lots', 'lot'],
    ['movements', 'ledger entry'],
  ]
    .map(
      ([key, one]) =>
        `${counts[key ?? ''] ?? 0} ${(counts[key ?? ''] ?? 0) === 1 ? one : key === 'movements' ? 'ledger entries' : key}`,
    )
    .join(', ')

/** What the last merging decided. */
const decisions = shallowRef<readonly Decision[]>([])
const merge = () =>
  whileBusy(async () => {
    if (!read.value) return
    decisions.value = await files.merge(workshop.key)
    notices.done(`“${read.value.name}” is merged in.`)
    read.value = undefined
  })
const copy = () =>
  whileBusy(async () => {
    if (!read.value) return
    const key = await files.copy(`copy-${Date.now().toString(36)}`)
    read.value = undefined
    await refresh()
    await navigateTo(`/${key}/line-up`)
  })

const wiping = ref(false)
const toLose = ref('')
const typedName = ref('')
const askWipe = () =>
  whileBusy(async () => {
    toLose.value = words(await files.counts(workshop.key))
    typedName.value = ''
    wiping.value = true
  })
const wipe = () =>
  whileBusy(async () => {
    await files.wipe()
    notices.done('The workshop is empty.')
  })
const deleting = ref<string>()
const removeKey = (key: string) =>
  whileBusy(async () => {
    await files.remove(key)
    await refresh()
  })
const keyWords = (key: string): string =>
  key === OWN_KEY
    ? 'My own workshop'
    : key === DEMO_KEY
      ? 'The demo'
      : `Imported copy ${key.replace('copy-', '')}`
</script>

<template>
  <section aria-label="Data" class="mt-2 grid content-start gap-3">
    <h2>Data</h2>
    <p>Everything is kept in this browser, and nowhere else. Export it now and then.</p>
    <div class="flex flex-wrap gap-2">
      <button type="button" class="button button-act" :disabled="busy" @click="exportFile">
        Export to a file
      </button>
      <label class="button"
        ><input type="file" accept=".json,application/json" class="sr-only" @change="choose" />Import a
        file…</label
      >
    </div>
    <p class="text-sm text-soft">
      The file is JSON that keeps to the schema in <code>docs/workshop.schema.json</code>.
    </p>

    <div v-if="fault" class="border-l-[6px] border-hip bg-hip-pale p-3" role="alert">
      <p class="font-semibold">The file was not read; nothing was changed.</p>
      <p class="whitespace-pre-line">{{ fault }}</p>
    </div>
    <div v-if="read" class="border-l-[6px] border-rain bg-rain-pale p-3">
      <p class="font-semibold">“{{ read.contents.name }}”, saved {{ formatMoment(read.contents.savedAt) }}</p>
      <p>{{ words(read.contents.counts) }}.</p>
      <div class="mt-3 flex flex-wrap gap-2">
        <button type="button" class="button button-act" :disabled="busy" @click="merge">
          Merge into this workshop
        </button>
        <button type="button" class="button" :disabled="busy" @click="copy">Open as a copy of its own</button>
        <button type="button" class="button" @click="read = undefined">Leave it</button>
      </div>
      <p class="mt-2 text-sm text-soft">
        Merging unites both by their ids: ledger and run entries of both stay; of a record that both changed,
        the last change stays.
      </p>
    </div>

    <MergeDecisions :decisions="decisions" />

    <h3 class="mt-3">Workshops in this browser</h3>
    <DataTable
      label="Workshops in this browser"
      bare
      :rows="listed"
      :columns="columns"
      :key-of="({ key }) => key"
    >
      <template #name="{ row }"
        >{{ keyWords(row.key) }}
        <span v-if="row.key === workshop.key" class="tag tag-moss ml-2">open</span></template
      >
      <template #acts="{ row }">
        <NuxtLink v-if="row.key !== workshop.key" :to="`/${row.key}/line-up`" class="button button-small">{{
          row.isThere ? 'Open' : 'Start it'
        }}</NuxtLink>
        <button
          v-if="row.key !== workshop.key && row.key !== OWN_KEY"
          type="button"
          class="button button-small button-quiet ml-2"
          @click="deleting = row.key"
        >
          Delete
        </button>
      </template>
    </DataTable>
    <p class="mt-10">
      <button type="button" class="button button-danger" :disabled="busy" @click="askWipe">
        Wipe this workshop…
      </button>
    </p>

    <ConfirmDialog
      v-model="wiping"
      :title="`Wipe “${workshop.settings.name}”?`"
      act="Wipe it"
      danger
      :disabled="typedName.trim() !== workshop.settings.name"
      @confirm="wipe"
    >
      <p>Lost for ever: {{ toLose }}, and everything in the log. An exported file can bring it back.</p>
      <TextField
        v-model="typedName"
        class="mt-3"
        :label="`Type the workshop’s name, ${workshop.settings.name}, to wipe it`"
      />
    </ConfirmDialog>
    <ConfirmDialog
      :model-value="deleting !== undefined"
      :title="`Delete “${keyWords(deleting ?? '')}”?`"
      act="Delete"
      danger
      @update:model-value="deleting = undefined"
      @confirm="deleting && removeKey(deleting)"
      >Everything in it is lost, unless it was exported.</ConfirmDialog
    >
  </section>
</template>
