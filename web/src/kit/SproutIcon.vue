<template>
  <svg
    width="1em"
    height="1em"
    viewBox="0 0 24 24"
    fill="none"
    stroke="currentColor"
    stroke-width="1.7"
    aria-hidden="true">
    <path
      d="M12 21V11M12 13C12 8 8 6 4 6 4 11 7 13 12 13ZM12 10C12 6 15 4 20 4 20 8 17 10 12 10Z"
      stroke-linejoin="round" />
  </svg>
</template>
