import { createApp } from 'vue'
import { forgetOtherBuilds } from './api/seen'
import App from './App.vue'
import { router } from './router'
import './style.css'

createApp(App).use(router).mount('#app')

void forgetOtherBuilds()
/** Keeps the page itself on this device, once it is shown. */
if (import.meta.env.PROD && 'serviceWorker' in navigator) {
  addEventListener('load', () => void navigator.serviceWorker.register('/build/sw.js', { scope: '/' }).catch(() => undefined))
}
