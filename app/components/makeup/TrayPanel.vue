<script setup lang="ts">
import { individualSizes, MOST_SIZES } from '~~/core/commissions'
import { dotSheet } from '~~/core/grass'
import type { MakeUp } from '~~/core/makeup'
import { trayPlanOf } from '~~/core/methods'
import { counted, plainNumber } from '~~/core/units'
import type { Plant } from '../../stores/plant'

/** The tray of dots, or the board of holes, at 1:1. */
const props = defineProps<{ plant: Plant; makeUp: MakeUp }>()
const workshop = useWorkshop()

const plan = computed(() =>
  trayPlanOf(
    props.makeUp,
    individualSizes(props.plant.size, Math.min(props.makeUp.started.value, MOST_SIZES), props.plant.line.id),
    workshop.ownValues,
    props.plant.line.id,
  ),
)
const title = computed(() => `${props.plant.line.name}: ${plan.value?.drill ? 'board' : 'dots'}`)
const sheet = computed(
  () =>
    plan.value &&
    dotSheet(plan.value.dots, {
      title: title.value,
      widthMm: plan.value.widthMm,
      heightMm: plan.value.heightMm,
      drill: plan.value.drill,
    }),
)
</script>

<template>
  <section v-if="plan && sheet" :aria-label="plan.drill ? 'Board' : 'Tray'" class="border-t-2 border-ink">
    <div class="flex flex-wrap items-center gap-x-5 gap-y-1 px-4 pt-3">
      <h2>{{ plan.drill ? 'Board' : 'Tray' }}</h2>
      <span class="text-sm text-soft">
        {{ counted(plan.dots.length, plan.drill ? 'hole' : 'dot') }} on {{ Math.round(plan.widthMm) }} ×
        {{ Math.round(plan.heightMm) }} mm · {{ counted(plan.trays, plan.drill ? 'filling' : 'sheet') }} for
        {{ makeUp.started.value }}
      </span>
      <span class="ml-auto">
        <TemplateButtons
          :templates="() => (sheet ? [sheet] : [])"
          :title="title"
          :what="plan.drill ? 'drilling sheet' : 'dot sheet'"
        />
      </span>
    </div>
    <div class="grid gap-x-4 lg:grid-cols-[minmax(0,1fr)_300px]">
      <TemplateDrawing :template="sheet" :max-height="360" class="px-4 py-2" />
      <div class="border-line px-4 py-2 lg:border-l">
        <h3 class="pb-1">{{ plan.drill ? 'Holes' : 'Dots by size' }}</h3>
        <ul>
          <li v-for="{ diameterMm, share } in plan.sizes" :key="diameterMm" class="flex items-center gap-2">
            <svg width="26" height="26" aria-hidden="true">
              <circle cx="13" cy="13" :r="diameterMm * 1.4" fill="none" stroke="currentColor" />
            </svg>
            {{ plainNumber(diameterMm, 1) }} mm
            <span class="text-soft">{{ Math.round(share * 100) }} %</span>
          </li>
        </ul>
        <p class="mt-2 text-sm text-soft">
          {{
            plan.drill
              ? 'Drill through the sheet; smooth the rims, so that fibres slide out.'
              : 'Laid under the backing it shows through: big dots first, none touching. With quick glue half a tray at once.'
          }}
        </p>
      </div>
    </div>
  </section>
</template>
