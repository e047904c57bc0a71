<script setup lang="ts">
import { toRaw, watch } from 'vue'
import type { Area, AreaName } from '~~/core/pages/frames'
import { withShared } from '~~/core/pages/shared-areas'
import FormDialog from '../../shared/FormDialog.vue'
import { useForm } from '../../shared/form'
import { request } from '../../shared/http'
import { useDraft } from '../../stores/bench/draft'
import { useNotices } from '../../stores/notices'
import { useSharedAreas } from './shared-areas'
import { words } from './words'

/** Makes a shared area of an area of the page. */
const open = defineModel<boolean>({ required: true })
const props = defineProps<{ area: Area & { readonly name: AreaName }; save: () => Promise<void> }>()
const draft = useDraft()
const notices = useNotices()
const { again } = useSharedAreas()
const form = useForm({ title: '' }, ({ title }) =>
  title.trim() === '' ? [{ path: 'title', message: words.nameShared }] : [],
)
const { values, faults, leave, sending, problem, changed } = form

watch(
  open,
  (isOpen) => isOpen && form.reset({ title: words.sharedName(props.area.title, draft.page.title) }),
  { immediate: true },
)

async function share() {
  const made = await form.send(async () => {
    // What stands there is known to the server only once it is saved.
    await props.save()
    return request<{ readonly id: number }>('POST', '/api/bench/areas', {
      title: values.title.trim(),
      area: props.area.name,
      from: draft.pageId,
      page: toRaw(draft.page),
    })
  })
  if (made === null) return
  open.value = false
  draft.editPage(words.sharing, (page) => withShared(page, props.area.name, made.id))
  notices.tell({ text: words.isShared })
  await again()
}
</script>

<template>
  <FormDialog
    v-model="open"
    :title="words.shareTitle(area.title)"
    :save="words.share"
    :sending="sending"
    :problem="problem"
    :changed="changed"
    @send="share"
  >
    <p>{{ words.shareHint }}</p>
    <v-text-field
      v-model="values.title"
      :label="words.sharedLabel"
      :error-messages="faults('title')"
      maxlength="160"
      autocomplete="off"
      autofocus
      @blur="leave('title')"
    />
  </FormDialog>
</template>
