<template>
    <svg class="mark" width="22" height="22" viewBox="0 0 22 22" aria-hidden="true">
        <path d="M2 2h5v13h13v5H2z" fill="#f0c96a" />
        <rect x="11" y="3" width="8" height="8" fill="none" stroke="#f4f1e8" stroke-width="1.6" />
    </svg>
</template>
