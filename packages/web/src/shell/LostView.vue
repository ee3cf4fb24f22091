<template>
  <div class="stage wide">
    <header><h1>There is nothing at this address.</h1></header>
    <p><RouterLink to="/">Back to Today</RouterLink></p>
  </div>
</template>
