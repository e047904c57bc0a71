<script setup lang="ts">
import {
  mdiCodeTags,
  mdiFormatBold,
  mdiFormatHeader2,
  mdiFormatHeader3,
  mdiFormatItalic,
  mdiFormatListBulleted,
  mdiFormatListNumbered,
  mdiFormatQuoteOpen,
  mdiFormatStrikethrough,
  mdiLinkVariant,
  mdiMinus,
  mdiRedo,
  mdiUndo,
} from '@mdi/js'
import StarterKit from '@tiptap/starter-kit'
import type { JSONContent } from '@tiptap/vue-3'
import { EditorContent, useEditor } from '@tiptap/vue-3'
import { computed, ref, toRaw, useId, watch } from 'vue'
import { readAddress } from '~~/core/content/fields/address'
import { emptyDocument, parseRichText } from '~~/core/content/rich-text/document'
import type { RichText } from '~~/core/content/rich-text/document'
import FieldMessages from './FieldMessages.vue'
import { words } from './words'

/** Rich text, edited as it will look. It holds what the core's documents hold and nothing else. */
const document = defineModel<RichText | null>({ required: true })
const props = defineProps<{ label: string; hint?: string; faults: string[]; tall?: boolean }>()
const emit = defineEmits<{ leave: [] }>()
const id = useId()

const editor = useEditor({
  extensions: [
    StarterKit.configure({
      heading: { levels: [2, 3, 4] },
      codeBlock: false,
      underline: false,
      link: { openOnClick: false, isAllowedUri: (address) => readAddress(address).ok },
    }),
  ],
  content: forEditor(document.value),
  editorProps: {
    attributes: { role: 'textbox', 'aria-multiline': 'true', 'aria-labelledby': `${id}-label` },
  },
  onUpdate: ({ editor: changed }) => (document.value = changed.getJSON() as RichText),
  onBlur: () => emit('leave'),
})

watch(document, (next) => {
  const shown = editor.value?.getJSON()
  if (JSON.stringify(normal(next ?? emptyDocument)) !== JSON.stringify(normal(shown)))
    editor.value?.commands.setContent(forEditor(next), { emitUpdate: false })
})

/** The editor keeps a copy of its own, which it may change. */
function forEditor(given: RichText | null): JSONContent {
  return structuredClone(toRaw(given) ?? emptyDocument) as unknown as JSONContent
}

function normal(value: unknown): unknown {
  const parsed = parseRichText(value)
  return parsed.ok ? parsed.value : value
}

const linking = ref(false)
const address = ref('')
const addressFault = computed(() => {
  if (address.value.trim() === '') return null
  const read = readAddress(address.value)
  return read.ok ? null : (read.faults[0]?.message ?? '')
})

interface Tool {
  readonly title: string
  readonly icon: string
  readonly on: boolean | null
  /** Whether there is nothing for it to do now. */
  readonly isIdle?: boolean
  readonly run: () => unknown
}

const tools = computed<readonly (readonly Tool[])[]>(() => {
  const shown = editor.value
  if (!shown) return []
  const chain = () => shown.chain().focus()
  return [
    [
      {
        title: words.rich.bold,
        icon: mdiFormatBold,
        on: shown.isActive('bold'),
        run: () => chain().toggleBold().run(),
      },
      {
        title: words.rich.italic,
        icon: mdiFormatItalic,
        on: shown.isActive('italic'),
        run: () => chain().toggleItalic().run(),
      },
      {
        title: words.rich.strike,
        icon: mdiFormatStrikethrough,
        on: shown.isActive('strike'),
        run: () => chain().toggleStrike().run(),
      },
      {
        title: words.rich.code,
        icon: mdiCodeTags,
        on: shown.isActive('code'),
        run: () => chain().toggleCode().run(),
      },
      { title: words.rich.link, icon: mdiLinkVariant, on: shown.isActive('link'), run: openLink },
    ],
    [
      {
        title: words.rich.heading,
        icon: mdiFormatHeader2,
        on: shown.isActive('heading', { level: 2 }),
        run: () => chain().toggleHeading({ level: 2 }).run(),
      },
      {
        title: words.rich.subheading,
        icon: mdiFormatHeader3,
        on: shown.isActive('heading', { level: 3 }),
        run: () => chain().toggleHeading({ level: 3 }).run(),
      },
      {
        title: words.rich.list,
        icon: mdiFormatListBulleted,
        on: shown.isActive('bulletList'),
        run: () => chain().toggleBulletList().run(),
      },
      {
        title: words.rich.numbers,
        icon: mdiFormatListNumbered,
        on: shown.isActive('orderedList'),
        run: () => chain().toggleOrderedList().run(),
      },
      {
        title: words.rich.quote,
        icon: mdiFormatQuoteOpen,
        on: shown.isActive('blockquote'),
        run: () => chain().toggleBlockquote().run(),
      },
      { title: words.rich.rule, icon: mdiMinus, on: null, run: () => chain().setHorizontalRule().run() },
    ],
    [
      {
        title: words.rich.undo,
        icon: mdiUndo,
        on: null,
        isIdle: !shown.can().undo(),
        run: () => chain().undo().run(),
      },
      {
        title: words.rich.redo,
        icon: mdiRedo,
        on: null,
        isIdle: !shown.can().redo(),
        run: () => chain().redo().run(),
      },
    ],
  ]
})

function openLink() {
  address.value = String(editor.value?.getAttributes('link').href ?? '')
  linking.value = true
}

function setLink() {
  const chain = editor.value?.chain().focus().extendMarkRange('link')
  const read = readAddress(address.value)
  if (address.value.trim() === '') chain?.unsetLink().run()
  else if (read.ok) chain?.setLink({ href: read.value }).run()
  else return
  linking.value = false
}
</script>

<template>
  <div class="rich-text" :class="{ tall: props.tall, wrong: faults.length > 0 }">
    <span :id="`${id}-label`" class="rich-label">{{ label }}</span>
    <div class="rich-box">
      <div class="rich-tools" role="toolbar" :aria-label="words.rich.tools(label)">
        <div v-for="(group, at) in tools" :key="at" class="rich-group">
          <button
            v-for="tool in group"
            :key="tool.title"
            type="button"
            :aria-label="tool.title"
            :title="tool.title"
            :aria-pressed="tool.on ?? undefined"
            :disabled="tool.isIdle"
            @click="tool.run"
          >
            <v-icon :icon="tool.icon" size="18" />
          </button>
        </div>
      </div>
      <div v-if="linking" class="rich-link">
        <v-text-field
          v-model="address"
          :label="words.rich.linkAddress"
          :placeholder="words.addressExample"
          :error-messages="addressFault ?? undefined"
          autofocus
          @keydown.enter.prevent="setLink"
          @keydown.esc.stop="linking = false"
        />
        <v-btn height="40" @click="setLink">{{
          address.trim() === '' ? words.rich.unlink : words.rich.setLink
        }}</v-btn>
      </div>
      <EditorContent :editor="editor" />
    </div>
    <FieldMessages :faults="faults" :help="hint" />
  </div>
</template>

<style scoped>
.rich-label {
  display: block;
  margin-bottom: 4px;
  font-size: var(--size-small);
  font-weight: 600;
  color: var(--text);
}

.rich-box {
  border: 1px solid var(--edge);
  border-radius: 7px;
  background: var(--sheet);
}

.rich-box:focus-within {
  border-color: var(--ink);
  box-shadow: 0 0 0 1px var(--ink);
}

.wrong .rich-box {
  border-color: rgb(var(--v-theme-error));
}

.rich-tools {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  padding: 4px 6px;
  border-bottom: 1px solid var(--line);
}

.rich-group {
  display: flex;
  gap: 2px;
}

.rich-tools button {
  width: 32px;
  height: 32px;
  border-radius: 6px;
  text-align: center;
  color: var(--text);
}

.rich-tools button:disabled {
  color: var(--edge-strong);
}

.rich-tools button:not(:disabled):hover {
  background: var(--hover);
}

.rich-tools button[aria-pressed='true'] {
  background: var(--leaf-ground);
  color: var(--leaf);
}

.rich-link {
  display: flex;
  gap: 8px;
  padding: 10px 12px;
  border-bottom: 1px solid var(--line);
  background: var(--paper);
}

.rich-text :deep(.tiptap) {
  min-height: 96px;
  padding: 12px 16px;
  font-size: var(--size-lead);
  line-height: 1.6;
  outline: none;
}

.tall :deep(.tiptap) {
  min-height: 280px;
}

.rich-text :deep(.tiptap > * + *) {
  margin-top: 0.8em;
}

.rich-text :deep(h2) {
  font-size: var(--size-figure);
}

.rich-text :deep(h3) {
  font-size: var(--size-lead);
}

.rich-text :deep(ul),
.rich-text :deep(ol) {
  padding-inline-start: 1.4em;
}

.rich-text :deep(blockquote) {
  margin-inline: 0;
  padding-inline-start: 14px;
  border-inline-start: 3px solid var(--line);
  color: var(--soft);
}

.rich-text :deep(hr) {
  border: 0;
  border-top: 1px solid var(--line);
}

.rich-text :deep(a) {
  color: var(--leaf);
}

.rich-text :deep(code) {
  padding: 1px 4px;
  border-radius: 4px;
  background: var(--hover);
  font-size: 0.9em;
}
</style>
