<script setup lang="ts">
import { stepHandsMin, waitTime, type MakeUp, type Step } from '~~/core/makeup'
import { cautionFootnote, cautionOf } from '~~/core/safety'
import { formatMinutes } from '~~/core/units'

const props = defineProps<{ makeUp: MakeUp }>()

/** A wait with its limits and its kind: only an open film follows the air. */
const waitWords = ({ wait }: Step): string =>
  wait
    ? `${waitTime(wait, formatMinutes, props.makeUp.unsure)}: ${wait.what.toLowerCase()} (${wait.kind})`
    : ''

/** What the place must give, and what must keep away. */
const placeWords = ({ needs, apart }: Step): string =>
  [...needs, ...(apart ? [`${formatMinutes(apart.airMin)} of air after ${apart.from.join(', ')}`] : [])].join(
    ', ',
  )
</script>

<template>
  <section v-if="makeUp.steps.length > 0" aria-label="Steps" class="border-t-2 border-ink">
    <table class="ruled w-full">
      <thead>
        <tr>
          <th class="!pl-4">Steps</th>
          <th class="number">Hands</th>
          <th>Then wait</th>
          <th>At once</th>
          <th>Mind</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="(step, i) in makeUp.steps" :key="step.id">
          <td class="!pl-4">
            <span class="font-semibold">{{ i + 1 }} {{ step.title }}</span
            ><span class="block text-sm text-soft">{{ step.text }}</span
            ><span v-if="step.passes" class="block text-sm"><strong>Passes:</strong> {{ step.passes }}</span>
          </td>
          <td class="number">{{ formatMinutes(stepHandsMin(step, makeUp.started.value)) }}</td>
          <td class="text-sm">{{ waitWords(step) }}</td>
          <td class="text-sm">
            <template v-if="step.atOnce && step.atOnce.count < makeUp.started.value"
              ><strong>{{ step.atOnce.count }}</strong
              >. {{ step.atOnce.what }}
            </template>
            {{ step.within?.what }}
          </td>
          <td class="text-sm">
            <span v-if="placeWords(step)" class="block text-rain">{{ placeWords(step) }}</span>
            <span
              v-for="id in step.cautions"
              :key="id"
              class="tag tag-larch mr-1 mb-0.5"
              :title="cautionOf(id).text"
              >{{ cautionOf(id).title }}</span
            >
          </td>
        </tr>
      </tbody>
    </table>
    <p class="px-4 py-2 text-sm text-soft">{{ cautionFootnote }}</p>
  </section>
</template>
