<script setup lang="ts">
import { CalendarDays } from '@lucide/vue'
import { loadLanguages, readDate, type Languages } from './read-date'

/**
 * A day: typed as people write it, or picked from the browser's calendar; shown so that month and day can't be mixed up.
 */
const props = withDefaults(
  defineProps<{
    label: string
    hint?: string
    fault?: string
    hideLabel?: boolean
    /** Within a sentence: no wider than its words, and what is wrong is said elsewhere. */
    inline?: boolean
    /** Whether it lies behind rather than ahead: "Sat" is the last one then. */
    past?: boolean
    /** The day that few words are reckoned from; absent: today. */
    from?: string
    min?: string
    max?: string
  }>(),
  {
    hint: '',
    fault: '',
    hideLabel: false,
    inline: false,
    past: false,
    from: undefined,
    min: undefined,
    max: undefined,
  },
)
/** YYYY-MM-DD; empty: no day. */
const value = defineModel<string>({ required: true })
const emit = defineEmits<{ change: [] }>()
const id = useId()
const shown = (date: string): string => (date === '' ? '' : formatDate(date))
const text = ref(shown(value.value))
const own = ref('')
watch(value, (date) => {
  text.value = shown(date)
  own.value = ''
})
const says = computed(() => own.value || props.fault || props.hint)
const isFault = computed(() => own.value !== '' || props.fault !== '')

let languages: Languages = []
async function prepare(): Promise<Languages> {
  languages = await loadLanguages()
  return languages
}
/** Read at once where it can be, since a form may be sent by the very key that ends the field. */
function take(): void {
  const typed = text.value
  if (typed.trim() === '') return void set('')
  const how = { from: props.from ?? today(), past: props.past }
  const told = (known: Languages): void => {
    const reading = readDate(props.label, typed, how, known)
    if (reading.kind === 'none') own.value = reading.because
    else void set(reading.value)
  }
  if (languages.length > 0 || readDate(props.label, typed, how, []).kind === 'ok') told(languages)
  else void prepare().then(told)
}
async function set(date: string): Promise<void> {
  own.value = ''
  value.value = date
  text.value = shown(date)
  await nextTick()
  emit('change')
}
const calendar = useTemplateRef<HTMLInputElement>('calendar')
</script>

<template>
  <div :class="{ 'inline-block': inline }">
    <label class="label" :class="{ 'sr-only': hideLabel || inline }" :for="id">{{ label }}</label>
    <div class="relative">
      <input
        :id="id"
        v-model="text"
        :class="inline ? 'field-inline' : 'field !pr-10'"
        placeholder="12 Dec"
        autocomplete="off"
        :aria-invalid="isFault"
        :aria-describedby="`${id}-says`"
        @focus="prepare"
        @change="take"
      />
      <input
        ref="calendar"
        type="date"
        class="calendar"
        tabindex="-1"
        aria-hidden="true"
        :min="min"
        :max="max"
        :value="value"
        @change="set(($event.target as HTMLInputElement).value)"
      />
      <button
        v-if="!inline"
        type="button"
        class="absolute right-0 top-0 bottom-0 grid place-items-center w-9 text-soft"
        aria-label="Pick a day"
        @click="calendar?.showPicker()"
      >
        <CalendarDays class="size-4" aria-hidden="true" />
      </button>
    </div>
    <p
      v-if="!inline || own"
      :id="`${id}-says`"
      class="mt-0.5 text-sm"
      :class="isFault ? 'text-hip' : 'text-soft'"
    >
      {{ says }}
    </p>
  </div>
</template>

<style scoped>
/* The browser’s calendar opens where this stands; it is never typed into. */
.calendar {
  position: absolute;
  right: 0;
  bottom: 0;
  width: 100%;
  height: 1px;
  opacity: 0;
  pointer-events: none;
}
</style>
