import { ref } from 'vue'

/** What a screen reader is told next; nothing of it is seen. */
export const announced = ref('')

/** Has something read aloud once whoever listens has heard what came before. */
export function announce(text: string): void {
  announced.value = text
}
