import { isStorable } from '../../core/storable'

/** A path as it is compared; one that nothing can be stored under is taken for one where nothing is. */
export function decodedPath(path: string): string {
  try {
    const text = decodeURIComponent(path)
    return isStorable(text) ? text : '\uFFFD'
  } catch {
    return path
  }
}
