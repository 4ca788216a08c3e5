<script setup lang="ts">
import { computed, nextTick, reactive, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, Problem } from '../api/client'
import { limits } from '../api/types'
import type {
  IntakeInput, Kind, OwnerPieceView, OwnersView, OwnerView, PartName, PieceFamily, PieceInput, PieceRowView, Shade, ThingsView, TicketView, UsualJobsView,
  UsualJobView, WithPieceInput,
} from '../api/types'
import Standing from '../drawing/Standing.vue'
import Choice from '../kit/Choice.vue'
import { useWords } from '../kit/useWords'
import { useSession } from '../session/useSession'
import { newShades } from '../piece/newShades'
import KnownOwner from './KnownOwner.vue'
import { colourToBe, newColours, type OwnColour } from './newColours'
import { t } from '../words'

/** A ticket that is open, and gets one more piece; otherwise a new one is opened. */
const props = defineProps<{ ticket?: number }>()
const words = useWords()
const router = useRouter()
const of = ref<TicketView | null>(null)
/** A piece being written down: colour and gloss are always chosen; beside it what it is like, and which usual job it is. */
type Draft = PieceInput & Required<Pick<PieceInput, 'shade' | 'gloss'>> & Pick<WithPieceInput, 'like' | 'job'> & { newShade: Shade | '', own: OwnColour[] }
const newPiece = (): Draft => ({
  name: '', kind: 'low-shoe/derby', sizeEu: 42, lengthMm: null, aim: 'freshen', gloss: 'satin', shade: 'chestnut', like: null, job: null,
  newShade: '', own: [],
})
const form = reactive({ customer: '', contact: '', wish: '', pieces: [newPiece()] })
const errors = ref<Readonly<Record<string, string>>>({})
const problem = ref('')
const busy = ref(false)
const current = ref(0)
/** What was here before, of the owner that was found. */
const past = ref<readonly OwnerPieceView[]>([])
const jobs = ref<readonly UsualJobView[]>([])
void api.get<UsualJobsView>('/usual-jobs').then((kept) => {
  jobs.value = kept.jobs
}).catch(() => undefined)

const kinds = computed(() => words.value?.kinds ?? [])
const aims = computed(() => words.value?.aims ?? [])
const glosses = computed(() => words.value?.glosses ?? [])
const shades = computed(() => words.value?.shades ?? [])
const piece = computed(() => form.pieces[current.value] ?? form.pieces[0] as Draft)
/** What is seen first, and takes a colour. */
const colourable = (of: Kind) => (kinds.value.find((k) => k.id === of)?.parts ?? []).filter((p) => p.outer && p.usual)
const colours = computed(() => {
  const hex = shades.value.find((s) => s.id === piece.value.shade)?.hex ?? '#777777'
  return colourable(piece.value.kind).map((p) => ({ part: p.id, hex }))
})
/** As it will be, once somebody has said a new colour. */
const isRecoloured = computed(() => piece.value.aim === 'recolour')
const toBe = computed(() => colours.value.map(({ part }) => {
  const shade = colourToBe(part, piece.value.shade, piece.value.newShade, piece.value.own)
  return { part, hex: shades.value.find((s) => s.id === shade)?.hex ?? '#777777' }
}))
const dyeable = computed(() => colourable(piece.value.kind))
const freeParts = computed(() => dyeable.value.filter((p) => !piece.value.own.some((o) => o.part === p.id)))
const partsFor = (own: OwnColour) => dyeable.value.filter((p) => p.id === own.part || freeParts.value.includes(p))
const addOwn = (): void => {
  const part = freeParts.value[0]
  if (part !== undefined) {
    piece.value.own.push({ part: part.id, shade: 'ivory' })
  }
}
const aimMeaning = computed(() => aims.value.find((a) => a.id === piece.value.aim)?.meaning ?? '')

const kind = computed(() => kinds.value.find((k) => k.id === piece.value.kind))
const families = computed(() => words.value?.families ?? [])
const family = computed<PieceFamily>({
  get: () => kind.value?.family ?? 'low-shoe',
  set: (id: PieceFamily) => {
    piece.value.kind = kinds.value.find((k) => k.family === id)?.id ?? piece.value.kind
    // A job that is not done to such pieces is not offered any more.
    piece.value.job = offered.value.find((j) => j.id === piece.value.job)?.id ?? null
  },
})
const ofFamily = computed(() => kinds.value.filter((k) => k.family === family.value))
const offered = computed(() => jobs.value.filter((j) => j.families.length === 0 || j.families.includes(family.value)))
/** Footwear goes by its size, all else by its longest side; left empty, it is the usual one. */
const measured = (p: PieceInput): Pick<PieceInput, 'sizeEu' | 'lengthMm'> => {
  const bySize = kinds.value.find((k) => k.id === p.kind)?.goesBySize !== false
  const number = (value: unknown): number | null => (value === '' || value === null || value === undefined ? null : Number(value))
  return bySize ? { sizeEu: number(p.sizeEu), lengthMm: null } : { sizeEu: null, lengthMm: number(p.lengthMm) }
}
const onHalves = (painted: readonly { part: PartName, hex: string }[]) => (kind.value?.halves ?? []).flatMap((half) => painted.map((c) => ({ half, ...c })))
const standing = computed(() => onHalves(colours.value))
const willStand = computed(() => (isRecoloured.value && (piece.value.newShade !== '' || piece.value.own.length > 0) ? onHalves(toBe.value) : null))
const error = (field: string): string | undefined => errors.value[`ticket.${field}`]
const wrong = (field: string): string | undefined => errors.value[`ticket.pieces[${current.value}].${field}`] ?? errors.value[`piece.${field}`]

/** At home it is one’s own: whose it is needs no asking. */
const { workshop } = useSession()
const isHome = computed(() => workshop.value?.home === true)
const heading = computed(() => {
  const alone = isHome.value ? t('counter.NewTicket.ownPiece') : t('counter.NewTicket.newTicket')
  return of.value === null ? alone : t('counter.NewTicket.oneMorePieceOf', [of.value.customer])
})
if (props.ticket === undefined && isHome.value) {
  void api.get<ThingsView>('/things').then(async ({ owner }) => {
    Object.assign(form, { customer: owner.name, contact: '' })
    const { owners } = await api.get<OwnersView>(`/owners?find=${encodeURIComponent(owner.name)}`)
    past.value = owners.find((o) => o.id === owner.id)?.pieces ?? []
  }).catch((fault: unknown) => {
    problem.value = fault instanceof Problem ? fault.detail : t('kit.useAct.thatDidNotWork')
  })
}
if (props.ticket !== undefined) {
  void api.get<TicketView>(`/tickets/${props.ticket}`).then(async (ticket) => {
    of.value = ticket
    const { owners } = await api.get<OwnersView>(`/owners?find=${encodeURIComponent(ticket.customer)}`)
    const called = owners.filter((o) => o.customer === ticket.customer)
    past.value = (called.find((o) => o.contact === ticket.contact) ?? called[0])?.pieces ?? []
  }).catch((fault: unknown) => {
    problem.value = fault instanceof Problem ? fault.detail : t('kit.useAct.thatDidNotWork')
  })
}
/** On to the next thing that hands would reach for: so a known pair is taken in with a few presses of Enter. */
const onTo = async (what: string): Promise<void> => {
  await nextTick()
  document.querySelector<HTMLElement>(`[data-next="${what}"]`)?.focus()
}
const known = async (owner: OwnerView): Promise<void> => {
  Object.assign(form, { customer: owner.customer, contact: owner.contact })
  past.value = owner.pieces
  await onTo(owner.pieces.length > 0 ? 'past' : 'name')
}
const asLastTime = async (like: OwnerPieceView): Promise<void> => {
  Object.assign(piece.value, {
    name: like.name, kind: like.kind, sizeEu: like.sizeEu, lengthMm: like.lengthMm, shade: like.shade, aim: like.aim, gloss: like.gloss, like: like.id,
    job: null,
  })
  await onTo(offered.value.length > 0 ? 'job' : 'open')
}
const takeJob = async (job: UsualJobView): Promise<void> => {
  if (piece.value.job === job.id) {
    piece.value.job = null
    return
  }
  Object.assign(piece.value, { job: job.id, aim: job.aim, gloss: job.gloss })
  await onTo(piece.value.name === '' ? 'name' : 'open')
}
/** Left and right among buttons that stand in a row. */
const along = (event: KeyboardEvent): void => {
  const row = event.currentTarget as HTMLElement
  const buttons = [...row.querySelectorAll('button')]
  const at = buttons.indexOf(document.activeElement as HTMLButtonElement)
  if (at >= 0 && (event.key === 'ArrowRight' || event.key === 'ArrowLeft')) {
    buttons[(at + (event.key === 'ArrowRight' ? 1 : buttons.length - 1)) % buttons.length]?.focus()
    event.preventDefault()
  }
}

const go = computed(() => {
  const opens = isHome.value ? t('counter.NewTicket.takeIt') : t('counter.NewTicket.openTheTicket')
  const first = props.ticket === undefined ? opens : t('counter.NewTicket.addIt')
  return piece.value.job === null ? first : `${first}${t('counter.NewTicket.andPlanIt')}`
})
/** What has just been added is what came last. */
const newest = (ticket: TicketView): PieceRowView | undefined => [...ticket.pieces].sort((a, b) => b.id - a.id)[0]
const open = async (): Promise<void> => {
  busy.value = true
  problem.value = ''
  errors.value = {}
  try {
    const { pieces, ...ticket } = form
    const described = pieces.map((p) => ({ name: p.name, kind: p.kind, aim: p.aim, gloss: p.gloss, shade: p.shade, ...measured(p) }))
    // What it is like counts while it is still that kind of piece.
    const known = pieces.map(({ like, job, kind: is, aim, newShade, own }) => ({
      like: past.value.find((p) => p.id === like)?.kind === is ? like : null,
      job,
      ...aim === 'recolour' ? { newColours: newColours(newShade, own, colourable(is).map((p) => p.id)) } : {},
    }))
    const first = props.ticket === undefined
      ? (await api.post<TicketView>('/intake', { ticket: { ...ticket, pieces: described }, with: known } satisfies IntakeInput)).pieces[0]
      : newest(await api.post<TicketView>(`/tickets/${props.ticket}/pieces`, { piece: described[0], with: known[0] }))
    await router.push(first?.hasPlan === true ? `/pieces/${first.id}/plan` : `/pieces/${first?.id ?? 0}`)
  } catch (fault) {
    if (fault instanceof Problem) {
      errors.value = fault.errors
      problem.value = fault.detail
      const at = form.pieces.findIndex((_, i) => Object.keys(fault.errors).some((field) => field.startsWith(`ticket.pieces[${i}].`)))
      current.value = at === -1 ? current.value : at
    } else {
      problem.value = t('kit.useAct.thatDidNotWork')
    }
  } finally {
    busy.value = false
  }
}
</script>

<template>
  <main class="grid grid-cols-1 lg:grid-cols-[1.1fr_1fr] min-h-0">
    <section class="bg-surround flex flex-col justify-center px-4 sm:px-10 py-8 gap-4" :aria-label="t('counter.NewTicket.thePiece')">
      <div class="shelf px-4 flex items-end justify-center" :class="willStand === null ? 'h-40 sm:h-72' : 'h-28 sm:h-44'">
        <Standing class="h-full w-full" :kind="piece.kind" :colours="standing" :weight="1" />
      </div>
      <template v-if="willStand !== null">
        <p class="text-center text-dark">{{ t('counter.NewTicket.asItWillBe') }}</p>
        <div class="shelf px-4 h-28 sm:h-44 flex items-end justify-center">
          <Standing class="h-full w-full" :kind="piece.kind" :colours="willStand" :weight="1" />
        </div>
      </template>
      <p class="text-center text-xl font-semibold bg-paper self-center px-4 py-1">{{ piece.name || kind?.label || t('counter.NewTicket.aPiece') }}</p>
    </section>
    <form class="px-4 sm:px-10 py-4 grid gap-3.5 content-start" novalidate @submit.prevent="open">
      <h1 class="text-3xl">{{ heading }}</h1>
      <KnownOwner v-if="ticket === undefined && !isHome" v-model="form.customer" :problem="error('customer')" @known="known" />
      <div v-if="past.length > 0" class="flex flex-wrap items-center gap-2" role="group" :aria-label="t('counter.NewTicket.asLastTime')" @keydown="along">
        <span class="font-semibold">{{ t('counter.NewTicket.asLastTime2') }}</span>
        <button
          v-for="(p, i) in past" :key="p.id" type="button" class="may" :data-next="i === 0 ? 'past' : undefined" :aria-pressed="piece.like === p.id"
          @click="asLastTime(p)"
        >{{ p.name }}</button>
      </div>
      <div v-if="ticket === undefined && !isHome" class="grid sm:grid-cols-[minmax(0,2fr)_minmax(0,3fr)] gap-4">
        <label class="grid gap-1 font-semibold">{{ t('counter.NewTicket.howToReachThem') }}
          <input v-model="form.contact" class="write font-normal" name="contact" :aria-invalid="!!error('contact')">
          <span v-if="error('contact')" class="font-normal">{{ error('contact') }}</span>
        </label>
        <label class="grid gap-1 font-semibold">{{ t('counter.NewTicket.whatTheyWantInTheir') }}
          <textarea v-model="form.wish" class="write font-normal" name="wish" rows="1" :aria-invalid="!!error('wish')" />
          <span v-if="error('wish')" class="font-normal">{{ error('wish') }}</span>
        </label>
      </div>
      <fieldset class="grid gap-2 border-t-2 border-ink pt-3">
        <legend class="sr-only">{{ t('counter.NewTicket.thePiece') }}</legend>
        <div v-if="form.pieces.length > 1" class="flex flex-wrap gap-2">
          <button
            v-for="(p, i) in form.pieces" :key="i" type="button" class="may" :aria-pressed="i === current"
            :class="i === current ? 'bg-ink! text-raised!' : ''" @click="current = i"
          >{{ p.name || t('counter.NewTicket.piece', [i + 1]) }}</button>
        </div>
        <label class="grid gap-1 font-semibold">{{ t('counter.NewTicket.whatDoYouCallIt') }}
          <input
            v-model="piece.name" class="write font-normal" name="name" :placeholder="t('counter.NewTicket.theCaptainsShoes')" data-next="name"
            :aria-invalid="!!wrong('name')"
          >
          <span v-if="wrong('name')" class="font-normal">{{ wrong('name') }}</span>
        </label>
        <p class="text-xl leading-loose">
          {{
            (kind?.halves.length ?? 0) > 1 ? t('counter.NewTicket.aPairOfThe') : t('counter.NewTicket.onePieceOfThe')
          }} <Choice v-model="family" :label="t('counter.NewTicket.family')" :options="families" />:
          <Choice v-model="piece.kind" :label="t('counter.NewTicket.kind')" :options="ofFamily" />{{
            t('counter.NewTicket.mostly')
          }} <Choice v-model="piece.shade" :label="t('counter.NewTicket.shade')" :options="shades" />,
          <template v-if="kind?.goesBySize !== false">{{ t('counter.NewTicket.size') }} <input
            v-model.number="piece.sizeEu"
            class="write w-24! min-h-11! py-0! leading-none inline-block align-middle font-semibold" name="sizeEu" type="number"
            :min="limits.PieceInput.sizeEu.min" :max="limits.PieceInput.sizeEu.max" step="0.5"
            :aria-label="t('counter.NewTicket.sizeEu')" :aria-invalid="!!wrong('sizeEu')"
          >.</template>
          <template v-else>{{ t('counter.NewTicket.longestSide') }} <input
            v-model.number="piece.lengthMm" class="write w-28! min-h-11! py-0! leading-none inline-block align-middle font-semibold"
            name="lengthMm" type="number" :min="limits.PieceInput.lengthMm.min" :max="limits.PieceInput.lengthMm.max" step="5"
            :aria-label="t('counter.NewTicket.longestSideMm')"
            :placeholder="String(kind?.usualLengthMm ?? '')" :aria-invalid="!!wrong('lengthMm')"
          > {{ t('counter.NewTicket.mm') }}</template>
          {{ t('counter.NewTicket.to') }} <Choice v-model="piece.aim" :label="t('counter.NewTicket.aim')" :options="aims" />{{
            t('counter.NewTicket.withA')
          }} <Choice v-model="piece.gloss" :label="t('counter.NewTicket.gloss')" :options="glosses" /> {{
            t('counter.NewTicket.finish')
          }}
        </p>
        <p v-if="isRecoloured && words" class="text-xl leading-loose" role="group" :aria-label="t('counter.NewTicket.newColour')">
          {{ t('counter.NewTicket.itsNewColourIs') }} <Choice
            v-model="piece.newShade" :label="t('counter.NewTicket.newColour')" :options="newShades(words)"
          /><template v-for="(own, i) in piece.own" :key="i">, {{ t('counter.NewTicket.the') }} <Choice
            v-model="own.part" :label="t('counter.NewTicket.partInAColourOf')" :options="partsFor(own)"
          /> <Choice v-model="own.shade" :label="t('counter.NewTicket.itsColour')" :options="shades" /> <button
            class="quiet" type="button" :aria-label="t('counter.NewTicket.takeAway', [dyeable.find((p) => p.id === own.part)?.label ?? own.part])"
            @click="piece.own.splice(i, 1)"
          >{{ t('counter.NewTicket.takeAway2') }}</button></template>. <button v-if="freeParts.length > 0" class="quiet" type="button" @click="addOwn">{{
            t('counter.NewTicket.aPartInAnother')
          }}</button>
        </p>
        <p class="text-soft">{{ aimMeaning }}</p>
        <div v-if="offered.length > 0" class="flex flex-wrap items-center gap-2" role="group" :aria-label="t('counter.NewTicket.aUsualJob')" @keydown="along">
          <span class="font-semibold">{{ t('counter.NewTicket.aUsualJob2') }}</span>
          <button
            v-for="(job, i) in offered" :key="job.id" type="button" class="may" :data-next="i === 0 ? 'job' : undefined" :aria-pressed="piece.job === job.id"
            @click="takeJob(job)"
          >{{ job.name }}</button>
        </div>
      </fieldset>
      <p v-if="problem" role="alert" class="stop">{{ problem }}</p>
      <div class="flex gap-4 sticky bottom-0 bg-room py-3 -my-1">
        <button class="do grow" type="submit" data-next="open" :disabled="busy">{{ go }}</button>
        <button
          v-if="ticket === undefined" class="may" type="button" @click="form.pieces.push(newPiece()); current = form.pieces.length - 1"
        >{{ t('counter.NewTicket.oneMorePiece') }}</button>
      </div>
    </form>
  </main>
</template>
