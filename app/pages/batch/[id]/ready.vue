<template>
  <BatchPage
    v-slot="{ known }"
    title="Is it ready?"
  >
    <ReadyPanel :known="known" />
  </BatchPage>
</template>
