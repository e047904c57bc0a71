/** Components, as far as the tests of the server need to know: it renders them whole. */
declare module '*.vue' {
  import type { Component } from 'vue'

  const component: Component
  export default component
}
