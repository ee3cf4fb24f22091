/// <reference types="vite/client" />
declare module '@fontsource-variable/besley';
declare module '@fontsource-variable/atkinson-hyperlegible-next';
