<script setup lang="ts">
import type { TimeOf } from '~~/core/schedule'

/** Sessions of the week, and of single days. */
const workshop = useWorkshop()
const removeTime = useDeed('removeTime')
const saveTime = useDeed('saveTime')
const days = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday']

type Session = TimeOf<'weekly'> | TimeOf<'once'>
const sessions = computed(() =>
  workshop.times
    .filter(
      (time): time is Session => time.kind === 'weekly' || (time.kind === 'once' && time.date >= today()),
    )
    .sort((a, b) => orderOf(a).localeCompare(orderOf(b)) || a.from.localeCompare(b.from)),
)
const orderOf = (time: Session): string => (time.kind === 'weekly' ? `0${time.weekday}` : time.date)
const dayWords = (time: Session): string =>
  time.kind === 'weekly' ? `${days[time.weekday - 1] ?? ''}s` : formatWeekday(time.date)
const whoWords = ({ people }: Session): string =>
  people.length === 0
    ? workshop.people.length > 1
      ? 'everybody'
      : ''
    : people.map((id) => workshop.people.find((person) => person.id === id)?.name ?? 'someone').join(', ')

const text = reactive({ day: '2', date: '', from: '19:00', to: '21:30', who: '' })
const fault = ref('')
async function add(): Promise<void> {
  const { day, date, from, to } = text
  if (from === '' || to === '') {
    fault.value = 'Say from when to when.'
    return
  }
  if (day === 'once' && date === '') {
    fault.value = 'Pick the day.'
    return
  }
  const people = text.who === '' ? [] : [text.who]
  const answer = await saveTime(
    day === 'once'
      ? { kind: 'once', date, from, to, people }
      : { kind: 'weekly', weekday: Number(day), from, to, people },
  )
  fault.value = answer.kind === 'none' ? answer.because : ''
}
</script>

<template>
  <section aria-label="Sessions">
    <h3>Sessions</h3>
    <p v-if="sessions.length === 0" class="text-sm text-soft">None yet.</p>
    <ul class="my-1">
      <li v-for="time in sessions" :key="time.id" class="flex items-center gap-2">
        <span class="w-24">{{ dayWords(time) }}</span>
        <span class="w-24 tabular-nums">{{ time.from }}–{{ time.to }}</span>
        <span class="flex-1 text-soft">{{ whoWords(time) }}</span>
        <button type="button" class="button button-small button-quiet" @click="removeTime(time.id)">
          Take out<span class="sr-only"> {{ dayWords(time) }} {{ time.from }}</span>
        </button>
      </li>
    </ul>
    <form class="flex flex-wrap items-end gap-2" @submit.prevent="add">
      <SelectField
        v-model="text.day"
        label="On"
        :options="[
          ...days.map((day, i) => ({ value: String(i + 1), words: `${day}s` })),
          { value: 'once', words: 'one day only' },
        ]"
      />
      <DateField v-if="text.day === 'once'" v-model="text.date" class="w-40" label="Day" />
      <div>
        <label class="label" for="session-from">From</label>
        <input id="session-from" v-model="text.from" class="field" type="time" />
      </div>
      <div>
        <label class="label" for="session-to">To</label>
        <input id="session-to" v-model="text.to" class="field" type="time" />
      </div>
      <PersonPick v-model="text.who" label="Who" />
      <button type="submit" class="button">Add session</button>
    </form>
    <p v-if="fault" class="mt-1 text-sm text-hip" role="alert">{{ fault }}</p>
  </section>
</template>
