<script setup lang="ts">
import { parseRatio } from '~~/core/units'
import { saveCommission } from '../../db/commands/brief'

/** Asks for no more than a name and a scale; the rest is filled in fairly and changed in the Brief. */
const open = defineModel<boolean>({ required: true })
const workshop = useWorkshop()
const commission = useCommission()
const name = ref('')
const scale = ref('')
const faults = reactive({ name: '', scale: '' })

const reading = computed(() => parseRatio(scale.value))
const ratio = computed(() => (reading.value.kind === 'ok' ? reading.value.value : 87.1))

async function make(): Promise<void> {
  faults.name = name.value.trim() === '' ? 'A commission needs a name.' : ''
  faults.scale = reading.value.kind === 'none' ? reading.value.because : ''
  if (faults.name || reading.value.kind === 'none') return
  const display = ratio.value < 60
  const answer = await workshop.dispatch(saveCommission, {
    name: name.value.trim(),
    ratio: Math.round(ratio.value * 100) / 100,
    dateDepicted: `${today().slice(0, 4)}-06-20`,
    place: '',
    latitudeDeg: 50,
    altitudeM: 100,
    viewingMm: display ? 500 : 700,
    stature: 1,
  })
  if (answer.kind === 'none') return
  commission.chooseCommission(answer.value.id)
  name.value = ''
  scale.value = ''
  open.value = false
}
</script>

<template>
  <BaseDialog v-model="open" title="New commission" wide>
    <form class="grid gap-3" @submit.prevent="make">
      <TextField v-model="name" label="Name" placeholder="what you call the job" :fault="faults.name" />
      <TextField
        v-model="scale"
        label="Scale"
        hint="Pick one below, or type 1:43.5, 4mm/ft, 1/4in"
        :fault="faults.scale"
      />
      <ScaleLadder
        :ratio="ratio"
        @pick="
          (picked) => {
            scale = `1:${picked}`
          }
        "
      />
      <div class="mt-2 flex justify-end gap-2">
        <button type="button" class="button" @click="open = false">Leave it</button>
        <button type="submit" class="button button-act">Make commission</button>
      </div>
    </form>
  </BaseDialog>
</template>
