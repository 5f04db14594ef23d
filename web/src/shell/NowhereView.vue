<template>
  <h1>Nothing lives here</h1>
  <p>The address does not belong to any view.</p>
  <v-btn color="primary" to="/">To the dogs</v-btn>
</template>
