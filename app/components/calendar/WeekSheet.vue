<script setup lang="ts">
import { turnsBetween, type Bench, type ActivitySlot } from '~~/core/schedule'
import { counted, formatMinutes } from '~~/core/units'
import { shownSittings } from '../../composables/stack-layout'

/** The week on paper: for each session what is done in which order, and what dries after it. Shown in print only. */
const props = defineProps<{
  bench: Bench
  placed: readonly (ActivitySlot | undefined)[]
  names: ReadonlyMap<string, string>
}>()
const workshop = useWorkshop()
const calendar = useCalendar()
const sittings = computed(() =>
  shownSittings(calendar.sittings, 'week', props.placed).map((sitting) => ({
    ...sitting,
    turns: turnsBetween(props.bench, props.placed, sitting.from, sitting.to),
  })),
)
const { clock, moment, personOf, severalPeople } = useBenchWords(() => props.bench)
</script>

<template>
  <div class="sheet hidden" aria-hidden="true">
    <h1>{{ workshop.settings.name }}: the week</h1>
    <section v-for="sitting in sittings" :key="sitting.from">
      <h2>{{ formatWeekday(sitting.date) }}, {{ clock(sitting.from) }}–{{ clock(sitting.to) }}</h2>
      <p v-if="sitting.turns.length === 0">Nothing is laid.</p>
      <table v-else>
        <tbody>
          <tr v-for="turn in sitting.turns" :key="turn.work">
            <td>☐</td>
            <td>{{ clock(turn.start) }}</td>
            <td>{{ formatMinutes(turn.end - turn.start) }}</td>
            <td>{{ severalPeople ? personOf(turn.worker) : '' }}</td>
            <td>
              {{ names.get(bench.works[turn.work]?.batchId ?? '') }}:
              <strong>{{ bench.works[turn.work]?.step.title }}</strong>,
              {{ counted(bench.works[turn.work]?.pieces ?? 0, 'piece')
              }}<template v-if="turn.closesAt !== undefined">; done by {{ clock(turn.closesAt) }}</template
              ><template v-if="(bench.works[turn.work]?.waitMin ?? 0) >= 60"
                >; dry {{ moment(turn.end + Math.ceil(bench.works[turn.work]?.waitMin ?? 0)) }}</template
              >
            </td>
          </tr>
        </tbody>
      </table>
    </section>
  </div>
</template>

<style scoped>
@media print {
  .sheet {
    display: block;
    font-size: 11pt;
  }
  section {
    break-inside: avoid;
    margin-top: 5mm;
    border-top: 0.3mm solid #000;
  }
  td {
    padding: 0.6mm 3mm 0.6mm 0;
    vertical-align: top;
    white-space: nowrap;
  }
  td:last-child {
    white-space: normal;
  }
}
</style>
