import { createApp } from 'vue'
import { forgetOtherBuilds } from './api/seen'
import App from './App.vue'
import { router } from './router'
import './style.css'
import { allWords } from './words'

createApp(App).use(router).mount('#app')

void forgetOtherBuilds()
/** What other pages say, once the first is shown and nobody waits. */
addEventListener('load', () => setTimeout(() => void allWords().catch(() => undefined), 4000))
/** Keeps the page itself on this device, once it is shown. */
if (import.meta.env.PROD && 'serviceWorker' in navigator) {
  addEventListener('load', () => void navigator.serviceWorker.register('/build/sw.js', { scope: '/' }).catch(() => undefined))
}
