<script setup lang="ts">
import { Menu, MenuButton, MenuItem, MenuItems } from '@headlessui/vue'
import { ChevronDown } from '@lucide/vue'
import { fillDemo } from '../../db/open'

/** Says that this is the demo, kept apart from the maker's own workshop, and leads out of it. */
const workshop = useWorkshop()
const notices = useNotices()
const asking = ref(false)

async function afresh(): Promise<void> {
  try {
    await fillDemo(workshop.context().db, true)
    notices.done('The demo is as it was at the start.')
  } catch {
    notices.fault('The demo could not be fetched. Nothing was changed.')
  }
}
</script>

<template>
  <Menu as="div" class="relative flex-none print:hidden">
    <MenuButton class="tag tag-rain flex items-center gap-1" aria-label="This is the demo workshop">
      Demo <ChevronDown class="size-3.5" aria-hidden="true" />
    </MenuButton>
    <MenuItems class="menu absolute left-0 top-full z-30 mt-1 w-72">
      <p class="px-3 py-2 text-sm text-soft">
        This is the demo workshop: invented, and kept apart from your own.
      </p>
      <MenuItem v-slot="{ active }" as="template">
        <NuxtLink to="/mine/line-up" class="item" :class="{ on: active }">Go to my own workshop</NuxtLink>
      </MenuItem>
      <MenuItem v-slot="{ active }" as="template">
        <button type="button" class="item" :class="{ on: active }" @click="asking = true">
          Start the demo afresh…
        </button>
      </MenuItem>
    </MenuItems>
    <LazyConfirmDialog
      v-if="asking"
      v-model="asking"
      title="Start the demo afresh?"
      act="Start afresh"
      @confirm="afresh"
      >What you did in the demo is thrown away. Your own workshop is not touched.</LazyConfirmDialog
    >
  </Menu>
</template>
