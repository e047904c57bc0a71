import { useNotices } from '../stores/notices'
import { words } from './words'

/** Copies a text, and tells that it is copied, or that the browser does not let it be. */
export async function copyText(text: string, copied: string): Promise<void> {
  const notices = useNotices()
  try {
    await navigator.clipboard.writeText(text)
    notices.tell({ text: copied })
  } catch {
    // Refused, or there is no clipboard where the address is not a safe one (Clipboard API, 7.2.3).
    notices.tell({ text: words.notCopied })
  }
}
