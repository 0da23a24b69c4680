<template>
  <BatchPage
    v-slot="{ known }"
    title="What is wrong?"
  >
    <WrongPanel :known="known" />
  </BatchPage>
</template>
