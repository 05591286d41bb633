<script setup lang="ts">
import { addDays, counted } from '~~/core/units'
import { momentAt, type TimeOf } from '~~/core/schedule'

/** Days without sessions, and what else keeps people busy, as from a calendar file. */
const workshop = useWorkshop()
const removeTime = useDeed('removeTime')
const saveTime = useDeed('saveTime')
const takeBusy = useDeed('takeBusy')
const calendar = useCalendar()
const notices = useNotices()

const offs = computed(() =>
  workshop.times
    .filter((time): time is TimeOf<'off'> => time.kind === 'off' && time.to >= today())
    .sort((a, b) => a.from.localeCompare(b.from)),
)
const busy = computed(() =>
  workshop.times.filter(
    (time): time is TimeOf<'busy'> => time.kind === 'busy' && Date.parse(time.to) > Date.now(),
  ),
)
const text = reactive({ from: today(), to: today(), who: '', why: '' })
const fault = ref('')
const nameOf = (id: string | undefined): string =>
  workshop.people.find((person) => person.id === id)?.name ?? ''
const dayWords = ({ from, to }: TimeOf<'off'>): string =>
  from === to ? formatWeekday(from) : `${formatWeekday(from)} to ${formatWeekday(to)}`

async function add(): Promise<void> {
  const { from, to, who, why } = text
  if (from === '' || to === '') {
    fault.value = 'Pick both days.'
    return
  }
  const answer = await saveTime({
    kind: 'off',
    from,
    to,
    people: who === '' ? [] : [who],
    why: why.trim(),
  })
  fault.value = answer.kind === 'none' ? answer.because : ''
}

const file = ref<HTMLInputElement>()
const reading = ref(false)
/** Entries of the last file that could not be read, with their lines. */
const leftOut = ref<readonly string[]>([])
/** Of them so many are told. */
const TOLD = 12
const fileWho = ref('')
/** Half a year of it: as far as batches are laid. */
const READ_DAYS = 190
async function read(): Promise<void> {
  const chosen = file.value?.files?.[0]
  if (!chosen) return
  leftOut.value = []
  reading.value = true
  const read = await readBusyFile(chosen, {
    fromMs: momentAt(today(), '00:00', calendar.zone),
    toMs: momentAt(addDays(today(), READ_DAYS), '00:00', calendar.zone),
    zone: calendar.zone,
  }).finally(() => (reading.value = false))
  if (file.value) file.value.value = ''
  if (read.kind === 'none') {
    notices.fault(`${chosen.name}: ${read.because} Nothing was changed.`)
    return
  }
  const { times, faults } = read.value
  leftOut.value = faults.map(({ line, because }) => `Line ${line}: ${because}`)
  const answer = await takeBusy(fileWho.value === '' ? [] : [fileWho.value], times)
  if (answer.kind === 'ok')
    notices.done(
      `${counted(answer.value.added, 'busy time')} read${answer.value.replaced > 0 ? `, in place of ${answer.value.replaced} before` : ''}${faults.length > 0 ? `; ${counted(faults.length, 'entry', 'entries')} left out` : ''}.`,
    )
}
</script>

<template>
  <section aria-label="Days off">
    <h3>Days off</h3>
    <ul class="my-1">
      <li v-for="time in offs" :key="time.id" class="flex items-center gap-2">
        <span class="flex-1"
          >{{ dayWords(time)
          }}<span class="ml-2 text-soft"> {{ nameOf(time.people[0]) }} {{ time.why }}</span></span
        >
        <button type="button" class="button button-small button-quiet" @click="removeTime(time.id)">
          Take out<span class="sr-only"> {{ dayWords(time) }}</span>
        </button>
      </li>
    </ul>
    <form class="flex flex-wrap items-end gap-2" @submit.prevent="add">
      <DateField v-model="text.from" class="w-36" label="First day" />
      <DateField v-model="text.to" class="w-36" label="Last day" />
      <PersonPick v-model="text.who" label="Who" />
      <TextField v-model="text.why" class="min-w-28 flex-1" label="Why" />
      <button type="submit" class="button mb-[22px]">Add days off</button>
    </form>
    <p v-if="fault" class="text-sm text-hip" role="alert">{{ fault }}</p>
    <h3 class="mt-2">Busy with something else</h3>
    <p class="text-sm text-soft">
      {{
        busy.length === 0
          ? 'From a calendar file (.ics): times in it are kept free of sessions.'
          : `${counted(busy.length, 'busy time')} by calendar files; reading another for the same person takes their place.`
      }}
    </p>
    <div class="mt-1 flex flex-wrap items-end gap-2">
      <PersonPick v-model="fileWho" label="Whose" possessive />
      <label class="button" :aria-busy="reading"
        >{{ reading ? 'Reading…' : 'Read calendar file'
        }}<input
          ref="file"
          type="file"
          accept=".ics,text/calendar"
          :disabled="reading"
          class="sr-only"
          @change="read"
      /></label>
    </div>
    <div v-if="leftOut.length > 0" class="mt-2 text-sm" role="alert">
      <p class="text-hip">Left out of what was read:</p>
      <ul class="list-disc pl-5">
        <li v-for="words in leftOut.slice(0, TOLD)" :key="words" class="break-words">{{ words }}</li>
        <li v-if="leftOut.length > TOLD">and {{ leftOut.length - TOLD }} more</li>
      </ul>
    </div>
  </section>
</template>
