/// <reference types="vite-plugin-pwa/client" />
// For tools that read TypeScript without understanding .vue files; vue-tsc sees the real types.
declare module '*.vue' {
  import type { DefineComponent } from 'vue';
  const component: DefineComponent<object, object, unknown>;
  export default component;
}
