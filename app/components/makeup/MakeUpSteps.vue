<script setup lang="ts">
import { cautionFootnote, cautions, stepHandsMin, type MakeUp } from '~~/core/methods'
import { formatMinutes } from '~~/core/units'

defineProps<{ makeUp: MakeUp }>()
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
            ><span class="block text-sm text-soft">{{ step.text }}</span>
          </td>
          <td class="number">{{ formatMinutes(stepHandsMin(step, makeUp.started.value)) }}</td>
          <td>{{ step.wait ? `${formatMinutes(step.wait.min)}: ${step.wait.what.toLowerCase()}` : '' }}</td>
          <td class="text-sm">
            {{
              step.window && step.window.atOnce < makeUp.started.value
                ? `${step.window.atOnce} pieces. ${step.window.what}`
                : step.window
                  ? step.window.what
                  : ''
            }}
          </td>
          <td class="text-sm">
            <span
              v-for="id in step.cautions"
              :key="id"
              class="tag tag-larch mr-1 mb-0.5"
              :title="cautions[id].text"
              >{{ cautions[id].title }}</span
            >
          </td>
        </tr>
      </tbody>
    </table>
    <p class="px-4 py-2 text-sm text-soft">{{ cautionFootnote }}</p>
  </section>
</template>
