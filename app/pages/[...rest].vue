<script setup lang="ts">
definePageMeta({ title: 'Not here' })
</script>

<template>
  <div class="space-y-3">
    <h1>There is no such page</h1>
    <p>What you recorded is safe in this browser.</p>
    <NuxtLink
      to="/"
      class="label-button strong"
    >To the round</NuxtLink>
  </div>
</template>
