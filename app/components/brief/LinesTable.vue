<script setup lang="ts">
import { removeLine } from '../../db/commands/brief'

const workshop = useWorkshop()
const commission = useCommission()
</script>

<template>
  <section class="mt-4" aria-label="Lines">
    <table v-if="commission.lines.length > 0" class="ruled w-full">
      <thead>
        <tr class="border-t-2 border-ink">
          <th class="!pl-5">Line</th>
          <th>Age</th>
          <th class="number">Amount</th>
          <th>Zone</th>
          <th class="number">Stature</th>
          <th class="number">Stands</th>
          <th class="number">Crown</th>
          <th class="number">At the model</th>
          <th><span class="sr-only">Remove</span></th>
        </tr>
      </thead>
      <tbody>
        <LineRow v-for="plant in commission.plants" :key="plant.line.id" :plant="plant" />
        <tr v-for="{ line, because } in commission.faulty" :key="line.id">
          <td class="!pl-5 font-semibold">{{ line.name }}</td>
          <td colspan="7" class="text-hip">{{ because }}</td>
          <td class="number">
            <button
              type="button"
              class="button button-quiet button-small"
              @click="workshop.give(removeLine, line.id)"
            >
              Remove<span class="sr-only"> {{ line.name }}</span>
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <p v-else class="mx-5 max-w-xl border-t-2 border-ink pt-4 text-soft">
      No lines yet. Add the plants that stand there, one kind and size a line.
    </p>
  </section>
</template>
