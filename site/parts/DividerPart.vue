<template>
  <hr class="line" />
</template>
