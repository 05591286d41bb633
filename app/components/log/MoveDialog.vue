<script setup lang="ts">
import { decideMove, saidStates, type Tray, type TrayState } from '~~/core/batches'
import { counted, ok, readNumber } from '~~/core/units'
import { plainChoices } from '../../parts/fields/choice'
import { oneOf, typed } from '../../parts/fields/field'
import { useFields } from '../../parts/fields/use-fields'

/** So many pieces of a tray, moved on or back. */
const props = defineProps<{ tray: Tray; from: TrayState }>()
defineEmits<{ close: [] }>()
const movePieces = useDeed('movePieces')
const notices = useNotices()
const { tray, from } = props

const form = useFields(
  {
    count: typed<number>(
      { label: 'How many', start: String(Math.max(1, tray.counts[from])), wide: true },
      (text) => ok(readNumber(text) ?? NaN),
    ),
    // The usual way on: what waits is planted; what is elsewhere goes back to waiting.
    to: oneOf<TrayState>(plainChoices(saidStates.filter((other) => other !== from)), {
      label: 'Now they are',
      start: from === 'to be planted' ? 'planted' : 'to be planted',
      wide: true,
    }),
  },
  {
    check: ({ count, to }) => {
      const decided = decideMove(tray, count ?? NaN, from, to ?? from)
      return decided.kind === 'none' ? { count: decided.because } : {}
    },
    async send(move) {
      const answer = await movePieces({
        batchId: tray.batchId,
        tray: tray.name,
        from,
        ...move,
      })
      if (answer.kind === 'ok') notices.done(`${counted(answer.value.count, 'piece')}: ${move.to}.`)
      return answer
    },
  },
)
</script>

<template>
  <FieldsDialog :title="`${tray.name}: ${from}`" :form="form" act="Move" @close="$emit('close')" />
</template>
