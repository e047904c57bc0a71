/** Whether a dialog lies over the screen: what is behind it does not hear keys. */
export function isDialogOpen(): boolean {
  return document.querySelector('[role=dialog].v-overlay--active') !== null
}
