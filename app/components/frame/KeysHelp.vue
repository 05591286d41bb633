<script setup lang="ts">
const shell = useShell()
</script>

<template>
  <BaseDialog v-model="shell.keys" title="Keys">
    <table class="ruled w-full">
      <tbody>
        <tr v-for="[key, does] in keyList" :key="key">
          <th scope="row" class="!text-base !text-ink">{{ key }}</th>
          <td>{{ does }}</td>
        </tr>
      </tbody>
    </table>
  </BaseDialog>
</template>
