<script setup lang="ts">
import { useHead } from '#imports'
import { mdiPlus } from '@mdi/js'
import { ref } from 'vue'
import { roles } from '~~/core/people'
import type { AccountRow, InvitationRow, Role } from '~~/core/people'
import { formatDate } from '~~/core/formats/dates'
import type { SiteSettings } from '~~/core/site-settings'
import ConfirmDialog from '../../shared/ConfirmDialog.vue'
import ChoiceSetting from '../../shared/settings/ChoiceSetting.vue'
import { choicesOf } from '../../shared/settings/choices'
import TopLine from '../../shared/TopLine.vue'
import { attempt } from '../../shared/attempt'
import { request } from '../../shared/http'
import { words as shared } from '../../shared/words'
import InviteDialog from '../../site/InviteDialog.vue'
import SiteFacts from '../../site/SiteFacts.vue'
import WorkList from '../../site/WorkList.vue'
import { words } from '../../site/words'
import { useCatalogue } from '../../stores/catalogue'
import { useNotices } from '../../stores/notices'
import { useSession } from '../../stores/session'

const catalogue = useCatalogue()
const notices = useNotices()
const session = useSession()
useHead({ title: `${words.title} · Bushel` })

const accounts = ref<readonly AccountRow[]>([])
const invitations = ref<readonly InvitationRow[]>([])
const inviting = ref(false)
const closing = ref<AccountRow | null>(null)
const roleItems = roles.map((value) => ({ value, title: words.roles[value] }))

const settings = ref<SiteSettings | null>(null)
const brokenChoices = choicesOf(words.brokenChoices)
const placeholderChoices = choicesOf(shared.placeholders)

void Promise.all([load(), catalogue.load()])

async function load() {
  const found = await attempt(() =>
    request<{ accounts: readonly AccountRow[]; invitations: readonly InvitationRow[] }>(
      'GET',
      '/api/bench/accounts',
    ),
  )
  settings.value = await attempt(() => request<SiteSettings>('GET', '/api/bench/site'))
  if (found === null) return
  accounts.value = found.accounts
  invitations.value = found.invitations
}

async function set(change: Partial<SiteSettings>) {
  if (settings.value === null) return
  const next = { ...settings.value, ...change }
  if ((await attempt(() => request('PUT', '/api/bench/site', next))) === null) return
  settings.value = next
  await catalogue.load()
  notices.tell({ text: words.listingsSaved })
}

async function setRole(account: AccountRow, role: Role) {
  const saved = await attempt(() => request('PUT', `/api/bench/accounts/${account.id}/role`, { role }))
  if (saved !== null) notices.tell({ text: words.roleSaved(account.name, words.roles[role]) })
  await load()
}

async function close() {
  const account = closing.value
  closing.value = null
  if (
    account === null ||
    (await attempt(() => request('DELETE', `/api/bench/accounts/${account.id}`))) === null
  )
    return
  await load()
  notices.tell({
    text: words.closed(account.name),
    action: { title: shared.undo, run: () => reopen(account) },
  })
}

async function reopen(account: AccountRow) {
  if ((await attempt(() => request('POST', `/api/bench/accounts/${account.id}/restore`))) !== null)
    notices.tell({ text: words.opened(account.name) })
  await load()
}

async function withdraw(invitation: InvitationRow) {
  if ((await attempt(() => request('DELETE', `/api/bench/invitations/${invitation.id}`))) !== null)
    notices.tell({ text: words.withdrawn(invitation.name) })
  await load()
}

function seen({ seenAt }: AccountRow): string {
  return seenAt === null ? words.never : words.seen(formatDate(seenAt, catalogue.catalogue))
}
</script>

<template>
  <TopLine />
  <main>
    <SiteFacts />
    <div class="section-line">
      <h2>{{ words.people }}</h2>
      <v-btn height="40" :prepend-icon="mdiPlus" @click="inviting = true">{{ words.invite }}</v-btn>
    </div>
    <p class="hint">{{ words.peopleHint }}</p>
    <ul :aria-label="words.people">
      <li v-for="account in accounts" :key="account.id">
        <span class="who">
          <strong>{{ account.name }}</strong><span v-if="account.id === session.account?.id" class="you">{{
            words.you
          }}</span>
          <span class="facts">{{ account.email }} · {{ seen(account) }}</span>
        </span>
        <v-select
          class="role"
          :items="roleItems"
          :model-value="account.role"
          :aria-label="words.role(account.name)"
          @update:model-value="setRole(account, $event)"
        />
        <v-btn
          height="36"
          variant="text"
          :disabled="account.id === session.account?.id"
          :aria-label="words.close(account.name)"
          @click="closing = account"
          >{{ words.closeShort }}</v-btn
        >
      </li>
    </ul>
    <template v-if="invitations.length">
      <h2>{{ words.invited }}</h2>
      <ul :aria-label="words.invited">
        <li v-for="invitation in invitations" :key="invitation.id">
          <span class="who">
            <strong>{{ invitation.name }}</strong>
            <span class="facts"
              >{{ invitation.email }} ·
              {{ words.until(formatDate(invitation.expiresAt, catalogue.catalogue)) }}</span
            >
          </span>
          <span class="role">{{ words.roles[invitation.role] }}</span>
          <v-btn
            height="36"
            variant="text"
            :aria-label="words.withdraw(invitation.name)"
            @click="withdraw(invitation)"
            >{{ words.withdrawShort }}</v-btn
          >
        </li>
      </ul>
    </template>
    <template v-if="settings">
      <h2>{{ words.listings }}</h2>
      <div class="listings">
        <ChoiceSetting
          :label="shared.placeholder"
          :value="settings.placeholder"
          :choices="placeholderChoices"
          fallback="sprig"
          @change="set({ placeholder: $event })"
        />
        <p class="facts">{{ words.placeholderHint }}</p>
        <ChoiceSetting
          :label="words.brokenRules"
          :value="settings.brokenRules"
          :choices="brokenChoices"
          fallback="nothing"
          @change="set({ brokenRules: $event })"
        />
        <p class="facts">{{ words.brokenHint }}</p>
      </div>
    </template>
    <WorkList />
    <InviteDialog v-model="inviting" @invited="load" />
    <ConfirmDialog
      :model-value="closing !== null"
      :title="words.closeTitle(closing?.name ?? '')"
      :text="words.closeText"
      :action="words.closeShort"
      @update:model-value="closing = $event ? closing : null"
      @confirm="close"
    />
  </main>
</template>

<style scoped src="../../site/sections.css" />

<style scoped>
main {
  max-width: 880px;
  margin-inline: auto;
  padding: 32px 28px 60px;
}

.section-line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
}

.section-line h2 {
  flex: 1;
  margin: 0;
}

.hint {
  margin: 4px 0 0;
  color: var(--soft);
}

.listings {
  display: grid;
  gap: 6px;
  max-width: 520px;
  margin-top: 8px;
}

.listings .facts {
  margin-bottom: 14px;
  white-space: normal;
}

li {
  grid-template-columns: minmax(0, 1fr) 150px 100px;
}

.facts {
  overflow: hidden;
  text-overflow: ellipsis;
}

.you {
  margin-left: 8px;
  padding: 1px 7px;
  border-radius: 20px;
  background: var(--leaf-ground);
  color: var(--leaf);
  font-size: var(--size-fine);
  font-weight: 600;
}
</style>
