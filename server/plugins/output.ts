import { defineNitroPlugin } from 'nitropack/runtime'

/**
 * Whoever read the server's messages may be gone, as at the end of a pipe. That they can't be written
 * is then no failure to be written of in turn, again and again.
 */
export default defineNitroPlugin(() => {
  for (const output of [process.stdout, process.stderr]) output.on('error', () => undefined)
})
