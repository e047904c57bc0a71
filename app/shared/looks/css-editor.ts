import { autocompletion, completionKeymap } from '@codemirror/autocomplete'
import type { Completion, CompletionContext, CompletionResult } from '@codemirror/autocomplete'
import { defaultKeymap, history, historyKeymap } from '@codemirror/commands'
import { css, cssCompletionSource } from '@codemirror/lang-css'
import { HighlightStyle, bracketMatching, syntaxHighlighting } from '@codemirror/language'
import { lintGutter, setDiagnostics } from '@codemirror/lint'
import { EditorState, Transaction } from '@codemirror/state'
import { EditorView, drawSelection, keymap, lineNumbers } from '@codemirror/view'
import { tags } from '@lezer/highlight'
import type { Refusal } from '~~/core/looks/own-css/refusal'

/** What is offered while typing: a name, and what it is. */
export interface Offered {
  readonly name: string
  readonly title: string
}

export interface CssEditorSetting {
  readonly text: string
  readonly label: string
  /** The names of what can be styled, as they are written. */
  readonly targets: readonly Offered[]
  /** Custom properties that the site has. */
  readonly colours: readonly Offered[]
  /** So many letters it takes; what would be more is not taken, and told of. */
  readonly most: number
  readonly changed: (text: string) => void
  readonly tooLong: () => void
}

export interface CssEditor {
  /** Takes a text that was changed elsewhere. */
  readonly take: (text: string) => void
  /** Marks what is left out. */
  readonly mark: (refused: readonly Refusal[]) => void
  /** Puts the cursor to a place of the text. */
  readonly goTo: (place: number) => void
  readonly destroy: () => void
}

/** An editor of CSS that offers what can be styled. Tab leaves it, as it does any field. */
export function cssEditor(parent: HTMLElement, setting: CssEditorSetting): CssEditor {
  const view = new EditorView({
    parent,
    state: EditorState.create({
      doc: setting.text,
      extensions: [
        lineNumbers(),
        lintGutter(),
        history(),
        drawSelection(),
        bracketMatching(),
        css(),
        syntaxHighlighting(highlighting),
        autocompletion({
          override: [
            offering(/:-{0,2}[\w-]*$/, setting.targets),
            inVariable(setting.colours),
            cssCompletionSource,
          ],
          icons: false,
        }),
        keymap.of([...completionKeymap, ...ownKeys, ...historyKeymap]),
        EditorState.changeFilter.of(({ newDoc }) => {
          const fits = newDoc.length <= setting.most
          if (!fits) setting.tooLong()
          return fits
        }),
        EditorView.lineWrapping,
        EditorView.contentAttributes.of({ 'aria-label': setting.label }),
        EditorView.updateListener.of(({ docChanged, state, transactions }) => {
          const isTyped = transactions.some((one) => one.annotation(Transaction.remote) !== true)
          if (docChanged && isTyped) setting.changed(state.doc.toString())
        }),
        look,
      ],
    }),
  })
  return {
    take: (text) => {
      if (text !== view.state.doc.toString())
        view.dispatch({
          changes: { from: 0, to: view.state.doc.length, insert: text },
          annotations: Transaction.remote.of(true),
        })
    },
    mark: (refused) => {
      const last = view.state.doc.length
      const marks = refused.map(({ from, to, message }) => ({
        from: Math.min(from, last),
        to: Math.min(to, last),
        severity: 'error' as const,
        message,
      }))
      view.dispatch(setDiagnostics(view.state, marks))
    },
    goTo: (place) => {
      view.dispatch({ selection: { anchor: Math.min(place, view.state.doc.length) }, scrollIntoView: true })
      view.focus()
    },
    destroy: () => view.destroy(),
  }
}

/** Offers names where what is typed before the cursor is the beginning of one. */
function offering(before: RegExp, offered: readonly Offered[]) {
  const options: readonly Completion[] = offered.map(({ name, title }) => ({ label: name, detail: title }))
  return (context: CompletionContext): CompletionResult | null => {
    const begun = context.matchBefore(before)
    return begun === null ? null : { from: begun.from, options: [...options], validFor: /^:?-{0,2}[\w-]*$/ }
  }
}

function inVariable(offered: readonly Offered[]) {
  const names = offering(/--[\w-]*$/, offered)
  return (context: CompletionContext) =>
    context.matchBefore(/var\(\s*-{0,2}[\w-]*$/) === null ? null : names(context)
}

/** The key that publishes does that here as everywhere. */
const ownKeys = defaultKeymap.filter(({ key }) => key !== 'Mod-Enter')

const highlighting = HighlightStyle.define([
  { tag: tags.comment, color: 'var(--faint)', fontStyle: 'italic' },
  { tag: [tags.propertyName, tags.variableName], color: 'var(--ink)' },
  { tag: [tags.className, tags.tagName, tags.constant(tags.className)], color: 'var(--leaf)' },
  { tag: [tags.keyword, tags.definitionKeyword, tags.modifier], color: 'var(--rust-ink)' },
  { tag: [tags.number, tags.unit, tags.color, tags.string, tags.atom], color: 'var(--rust-ink)' },
])

const look = EditorView.theme({
  '&': {
    fontSize: 'var(--size-note)',
    backgroundColor: 'var(--sheet)',
    color: 'var(--ink)',
    minHeight: '180px',
    maxHeight: '420px',
    borderRadius: '6px',
  },
  '&.cm-focused': { outline: 'none' },
  '.cm-scroller': { fontFamily: 'ui-monospace, monospace', lineHeight: '1.55', overflow: 'auto' },
  '.cm-content': { padding: '8px 0' },
  '.cm-gutters': { backgroundColor: 'var(--paper)', color: 'var(--soft)', border: '0' },
  '.cm-tooltip': { border: '1px solid var(--line)', backgroundColor: 'var(--sheet)' },
  '.cm-tooltip-autocomplete ul li': { padding: '4px 8px' },
  '.cm-tooltip-autocomplete ul li[aria-selected]': {
    backgroundColor: 'var(--leaf-ground)',
    color: 'var(--ink)',
  },
  '.cm-completionDetail': { fontStyle: 'normal', color: 'var(--soft)' },
})
