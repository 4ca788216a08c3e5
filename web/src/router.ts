import { createRouter, createWebHistory } from 'vue-router'
import { ref } from 'vue'
import { whenNewer, whenSignedOut } from './api/client'
import { useSession } from './session/useSession'
import { allWords, t } from './words'

export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', redirect: '/bench' },
    { path: '/sign-in', component: () => import('./people/SignIn.vue'), meta: { open: true, title: t('app.router.signIn') } },
    { path: '/begin', component: () => import('./workshop/Begin.vue'), meta: { open: true, title: t('app.router.begin') } },
    { path: '/new-password', component: () => import('./people/NewPassword.vue'), meta: { open: true, title: t('app.router.newPassword') } },
    { path: '/own', component: () => import('./people/Own.vue'), meta: { title: t('app.router.signingIn') } },
    { path: '/people', component: () => import('./people/Staff.vue'), meta: { title: t('app.router.people') } },
    { path: '/bench', component: () => import('./bench/Bench.vue'), meta: { title: t('app.router.bench') } },
    { path: '/counter', component: () => import('./counter/Counter.vue'), meta: { title: t('app.router.counter') } },
    { path: '/counter/new', component: () => import('./counter/NewTicket.vue'), meta: { receives: true, title: t('app.router.newTicket') } },
    { path: '/comes-back', component: () => import('./passport/ComesBack.vue'), meta: { title: t('app.router.whatComesBack') } },
    { path: '/season', component: () => import('./owner/Season.vue'), meta: { title: t('app.router.whoIsDue') } },
    { path: '/messages', component: () => import('./owner/Messages.vue'), meta: { title: t('app.router.messages') } },
    { path: '/messages/letters', component: () => import('./owner/Letters.vue'), meta: { title: t('app.router.letters') } },
    { path: '/jobs', component: () => import('./ledger/Jobs.vue'), meta: { title: t('app.router.askTheLedger') } },
    { path: '/things', component: () => import('./owner/Things.vue'), meta: { title: t('app.router.things') } },
    { path: '/owners', component: () => import('./owner/Owners.vue'), meta: { title: t('app.router.owners') } },
    {
      path: '/owners/:id(\\d+)',
      component: () => import('./owner/OwnerFile.vue'),
      props: (to) => ({ id: Number(to.params['id']) }),
      meta: { title: t('app.router.owners') },
    },
    {
      path: '/passports/:id(\\d+)',
      component: () => import('./passport/Passport.vue'),
      props: (to) => ({ id: Number(to.params['id']) }),
      meta: { title: t('app.router.passport') },
    },
    {
      path: '/pieces/:id(\\d+)/passport',
      component: () => import('./passport/Passport.vue'),
      props: (to) => ({ piece: Number(to.params['id']) }),
      meta: { title: t('app.router.passport') },
    },
    {
      path: '/t/:code([a-z0-9]{10})',
      component: () => import('./passport/Passport.vue'),
      props: (to) => ({ code: String(to.params['code']) }),
      meta: { title: t('app.router.passport') },
    },
    {
      path: '/passports/:id(\\d+)/care-card',
      component: () => import('./passport/CareCard.vue'),
      props: (to) => ({ id: Number(to.params['id']) }),
      meta: { title: t('app.router.careCard') },
    },
    {
      path: '/care/:address([a-z0-9-]+)',
      component: () => import('./passport/CarePage.vue'),
      props: (to) => ({ address: String(to.params['address']) }),
      meta: { open: true, title: t('app.router.careCard') },
    },
    {
      path: '/pieces/:id(\\d+)',
      component: () => import('./piece/LookOver.vue'),
      props: (to) => ({ id: Number(to.params['id']) }),
      meta: { title: t('app.router.lookOver') },
    },
    {
      path: '/tickets/:id(\\d+)/label',
      component: () => import('./counter/Label.vue'),
      props: (to) => ({ id: Number(to.params['id']) }),
      meta: { title: t('app.router.label') },
    },
    {
      path: '/tickets/:id(\\d+)/paper',
      component: () => import('./counter/TicketPaper.vue'),
      props: (to) => ({ id: Number(to.params['id']) }),
      meta: { title: t('app.router.ticket') },
    },
    {
      path: '/tickets/:id(\\d+)/add',
      component: () => import('./counter/NewTicket.vue'),
      props: (to) => ({ ticket: Number(to.params['id']) }),
      meta: { receives: true, title: t('app.router.oneMorePiece') },
    },
    {
      path: '/tickets/:id(\\d+)/correct',
      component: () => import('./counter/Correct.vue'),
      props: (to) => ({ id: String(to.params['id']) }),
      meta: { receives: true, title: t('app.router.putRight') },
    },
    {
      path: '/tickets/:id(\\d+)/leaving',
      component: () => import('./counter/Leaving.vue'),
      props: (to) => ({ id: String(to.params['id']) }),
      meta: { title: t('app.router.goingHome') },
    },
    {
      path: '/tickets/:id(\\d+)/promise',
      component: () => import('./counter/Promise.vue'),
      props: (to) => ({ id: Number(to.params['id']) }),
      meta: { title: t('app.router.promise') },
    },
    {
      path: '/pieces/:id(\\d+)/pictures',
      component: () => import('./picture/Pictures.vue'),
      props: (to) => ({ id: Number(to.params['id']) }),
      meta: { title: t('app.router.pictures') },
    },
    {
      path: '/pieces/:id(\\d+)/measure',
      component: () => import('./picture/Measure.vue'),
      props: (to) => ({ id: Number(to.params['id']), of: to.query['of'] ? Number(to.query['of']) : null }),
      meta: { title: t('app.router.measure') },
    },
    {
      path: '/pieces/:id(\\d+)/owner',
      component: () => import('./owner/OwnerPage.vue'),
      props: (to) => ({ id: Number(to.params['id']) }),
      meta: { title: t('app.router.forTheOwner') },
    },
    {
      path: '/pieces/:id(\\d+)/plan', component: () => import('./plan/Plan.vue'), props: (to) => ({ id: Number(to.params['id']) }),
      meta: { title: t('app.router.plan') },
    },
    {
      path: '/pieces/:id(\\d+)/card',
      component: () => import('./plan/BenchCard.vue'),
      props: (to) => ({ id: Number(to.params['id']) }),
      meta: { title: t('app.router.benchCard') },
    },
    {
      path: '/ledger/:piece(\\d+)?',
      component: () => import('./ledger/Ledger.vue'),
      props: (to) => ({ piece: to.params['piece'] ? Number(to.params['piece']) : null }),
      meta: { title: t('app.router.ledger') },
    },
    {
      path: '/pots',
      component: () => import('./pots/Pots.vue'),
      props: (to) => ({ near: to.query['near'] ? Number(to.query['near']) : null, shade: typeof to.query['shade'] === 'string' ? to.query['shade'] : null }),
      meta: { title: t('app.router.pots') },
    },
    {
      path: '/pots/:id(\\d+)',
      component: () => import('./pots/PotScreen.vue'),
      props: (to) => ({ id: Number(to.params['id']), forReading: to.query['for'] ? Number(to.query['for']) : null }),
      meta: { title: t('app.router.pot') },
    },
    {
      path: '/pieces/:id(\\d+)/colour',
      component: () => import('./colour/PieceColour.vue'),
      props: (to) => ({ id: Number(to.params['id']), part: to.query['part'], half: to.query['half'], spot: to.query['spot'] }),
      meta: { title: t('app.router.colour') },
    },
    {
      path: '/pieces/:id(\\d+)/dye',
      component: () => import('./colour/Dyes.vue'),
      // Which ground is chosen with the colours of the piece.
      beforeEnter: (to) => Number(to.query['ground']) > 0 || `/pieces/${String(to.params['id'])}/colour`,
      props: (to) => ({ id: Number(to.params['id']), ground: Number(to.query['ground']), target: to.query['target'] ? Number(to.query['target']) : null }),
      meta: { title: t('app.router.dye') },
    },
    {
      path: '/pots/:id(\\d+)/label',
      component: () => import('./pots/PotLabel.vue'),
      props: (to) => ({ id: Number(to.params['id']) }),
      meta: { title: t('app.router.labelOfAPot') },
    },
    { path: '/colours/card', component: () => import('./colour/CardPage.vue'), meta: { title: t('app.router.theWorkshopsCard') } },
    { path: '/colours', component: () => import('./colour/Colours.vue'), meta: { title: t('app.router.shelfOfColours') } },
    {
      path: '/shelf', component: () => import('./shelf/Shelf.vue'), props: (to) => ({ product: to.query['product'] ? Number(to.query['product']) : null }),
      meta: { title: t('app.router.shelf') },
    },
    { path: '/shelf/order', component: () => import('./shelf/OrderList.vue'), meta: { title: t('app.router.orderList') } },
    { path: '/shelf/count', component: () => import('./shelf/StockTaking.vue'), meta: { title: t('app.router.stockTaking') } },
    { path: '/shelf/list', component: () => import('./shelf/PriceLists.vue'), meta: { title: t('app.router.priceLists') } },
    {
      path: '/lots/:id(\\d+)', component: () => import('./shelf/LotPage.vue'), props: (to) => ({ id: Number(to.params['id']) }),
      meta: { title: t('app.router.lot') },
    },
    {
      path: '/pieces/:id(\\d+)/products',
      component: () => import('./shelf/OnPiece.vue'),
      props: (to) => ({ id: Number(to.params['id']) }),
      meta: { title: t('app.router.whatWasOnIt') },
    },
    {
      path: '/pieces/:id(\\d+)/offer', component: () => import('./offer/Offer.vue'), props: (to) => ({ id: Number(to.params['id']) }),
      meta: { title: t('app.router.offer') },
    },
    {
      path: '/tickets/:id(\\d+)/invoice', component: () => import('./offer/Invoice.vue'), props: (to) => ({ id: Number(to.params['id']) }),
      meta: { title: t('app.router.invoice') },
    },
    { path: '/invoices', component: () => import('./offer/Invoices.vue'), meta: { title: t('app.router.invoices') } },
    { path: '/prices', component: () => import('./offer/Prices.vue'), meta: { title: t('app.router.prices') } },
    { path: '/figures', component: () => import('./offer/Figures.vue'), meta: { title: t('app.router.figures') } },
    { path: '/workshop', component: () => import('./workshop/Workshop.vue'), meta: { title: t('app.router.workshop') } },
    { path: '/old-list', component: () => import('./workshop/OldList.vue'), meta: { title: t('app.router.oldList') } },
    { path: '/day', component: () => import('./workshop/DaySheet.vue'), meta: { title: t('app.router.daySheet') } },
    { path: '/drawings', component: () => import('./piece/AllDrawings.vue'), meta: { title: t('app.router.drawings') } },
    { path: '/:rest(.*)', component: () => import('./kit/NotHere.vue'), meta: { title: t('app.router.notHere') } },
  ],
})

const session = useSession()

/** The workshop's computer runs a newer application than this page: the next screen is loaded anew. */
export const isOld = ref(false)
whenNewer(() => {
  isOld.value = true
})

router.beforeEach(async (to, from) => {
  if (isOld.value && from.matched.length > 0 && to.path !== from.path) {
    location.assign(to.fullPath)
    return false
  }
  if (!session.known.value) {
    await session.load().catch(() => undefined)
  }
  const first = session.empty.value ? '/begin' : session.person.value?.mustChange === true ? '/new-password' : null
  if (first !== null && to.path !== first) {
    return { path: first, hash: to.hash }
  }
  if (first === null && (to.path === '/begin' || to.path === '/new-password')) {
    return '/bench'
  }
  if (session.person.value === null && to.meta['open'] !== true) {
    return { path: '/sign-in', query: to.path === '/bench' ? {} : { to: to.fullPath } }
  }
  // Who may not take in is at the counter all the same.
  if (to.meta['receives'] === true && session.person.value?.mayReceive === false) {
    return '/counter'
  }
  // Before it is loaded: some texts are said as soon as it is.
  if (to.path !== '/bench' && to.path !== '/sign-in') {
    await allWords()
  }
  return true
})

/** A screen that this page has not loaded yet is of a build that is there no more. */
router.onError((error, to) => {
  if (error instanceof TypeError && /import|module/i.test(error.message) && navigator.onLine) {
    location.assign(to.fullPath)
  }
})

router.afterEach((to) => {
  document.title = `${String(to.meta['title'] ?? '')} · Kind Heel`
})

whenSignedOut(() => {
  void session.load().catch(() => undefined).then(() => router.push({ path: '/sign-in', query: { to: router.currentRoute.value.fullPath } }))
})
