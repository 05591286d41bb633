import { holdBack, letGoOn } from '../composables/when-idle'

/** While a page is fetched and made, what is worked out later waits: the station that was asked for comes first. */
export default defineNuxtPlugin((nuxt) => {
  const router = useRouter()
  router.beforeEach((to, from) => {
    if (to.path !== from.path) holdBack()
  })
  router.afterEach((_to, _from, failure) => {
    if (failure) letGoOn()
  })
  router.onError(letGoOn)
  nuxt.hook('page:finish', letGoOn)
})
