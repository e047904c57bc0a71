/** How the draft stands with the server. */
export type SaveState = 'saved' | 'waiting' | 'saving' | 'offline' | 'overtaken' | 'refused'
