<template>
  <div class="space-y-3">
    <h1>Nothing of that name stands here</h1>
    <p>It may have been taken back, or it belongs to another garden.</p>
    <NuxtLink
      to="/yard"
      class="label-button strong"
    >To the yard</NuxtLink>
  </div>
</template>
