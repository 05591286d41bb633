<script setup lang="ts">
const route = useRoute()
const commission = useCommission()
const to = useStationPath()
const suggesting = ref(false)
const making = ref(route.query.new === 'commission')
const addLine = useTemplateRef<{ focus: () => void }>('addLine')
watch(
  () => route.query.new,
  (what) => {
    if (what === 'commission') making.value = true
  },
)
watch(making, (open) => {
  if (!open && route.query.new) void navigateTo({ query: {} }, { replace: true })
})

useStation('Brief', () => {
  if (commission.current) addLine.value?.focus()
  else making.value = true
})
</script>

<template>
  <div>
    <template v-if="commission.current">
      <CommissionForm
        :key="commission.current.id"
        :commission="commission.current"
        @make-new="making = true"
      />
      <LaterPart>
        <LinesTable />
      </LaterPart>
      <CommitBar label="Another line">
        <AddLine ref="addLine" />
        <button type="button" class="button" @click="suggesting = true">Suggest a planting…</button>
        <NuxtLink v-if="commission.lines.length > 0" class="button" :to="to('planting')"
          >Planting plan</NuxtLink
        >
      </CommitBar>
      <SuggestPlanting v-model="suggesting" />
    </template>
    <div v-else class="m-8 max-w-lg">
      <h1 class="mb-2">Nothing to make yet</h1>
      <p class="mb-4">
        A commission is one job: a scale, a place, a day in the year, and the plants that stand there.
      </p>
      <button type="button" class="button button-act" @click="making = true">New commission</button>
    </div>
    <NewCommission v-if="making" @close="making = false" />
  </div>
</template>
