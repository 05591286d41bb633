<script setup lang="ts">
import type { NuxtError } from '#app'
import { storageFault } from './db/storage-faults'

/** What can't be shown at all: why, in words, and the ways out. Nothing that is kept is touched. */
const props = defineProps<{ error: NuxtError }>()
const notFound = computed(() => props.error.statusCode === 404)
const reason = computed(() => storageFault(props.error.cause ?? props.error))
useHead({ title: computed(() => `${notFound.value ? 'No such page' : 'Not shown'} · Hardy Thicket`) })

const reload = (): void => window.location.reload()
const leave = (): Promise<void> => clearError({ redirect: '/mine/line-up' })
</script>

<template>
  <main class="m-8 max-w-xl" role="alert">
    <template v-if="notFound">
      <h1 class="mb-2">There is no page at this address</h1>
      <p class="mb-4">Perhaps it was cut short when it was copied. What you made is where it was.</p>
    </template>
    <template v-else>
      <h1 class="mb-2">The app can’t be shown</h1>
      <p class="mb-2">Nothing that is kept in this browser has been changed by it.</p>
      <p class="mb-4 text-hip">{{ reason }}</p>
    </template>
    <p class="flex flex-wrap gap-2">
      <button v-if="!notFound" type="button" class="button button-act" @click="reload">Load it again</button>
      <button type="button" class="button" :class="{ 'button-act': notFound }" @click="leave">
        Go to my workshop
      </button>
      <a class="button" href="/demo/line-up">Look around the demo</a>
    </p>
  </main>
</template>
