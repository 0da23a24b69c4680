<template>
  <BatchPage
    v-slot="{ known }"
    title="Probe and files"
  >
    <ReadingsPanel :known="known" />
  </BatchPage>
</template>
