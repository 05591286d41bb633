import tailwindcss from '@tailwindcss/vite'

export default defineNuxtConfig({
  compatibilityDate: '2026-01-01',
  ssr: false,
  telemetry: false,
  devtools: { enabled: false },
  modules: ['@pinia/nuxt', '@vite-pwa/nuxt'],
  css: ['~/assets/main.css'],
  vite: {
    plugins: [tailwindcss()],
    // What works away from the page is fetched in parts, as pages are.
    worker: { format: 'es' },
    // What several stations share comes in few files: each costs a request, whatever it holds.
    build: { rollupOptions: { output: { experimentalMinChunkSize: 16_000 } } },
  },
  imports: { scan: true },
  components: [
    { path: '~/components', pathPrefix: false },
    { path: '~/parts', pathPrefix: false },
  ],
  typescript: {
    strict: true,
    typeCheck: false,
    tsConfig: { include: ['../types/*.d.ts', '../tests/components/*.ts'] },
  },
  app: {
    head: {
      title: 'Hardy Thicket',
      htmlAttrs: { lang: 'en-GB' },
      meta: [
        { name: 'viewport', content: 'width=device-width, initial-scale=1' },
        { name: 'description', content: 'Scale vegetation in batches: from brief to log.' },
        { name: 'theme-color', content: '#17211C' },
      ],
      link: [{ rel: 'icon', type: 'image/svg+xml', href: '/icon.svg' }],
    },
  },
  pwa: {
    registerType: 'prompt',
    manifest: false,
    workbox: {
      globPatterns: ['**/*.{js,css,woff2,svg}'],
      navigateFallback: null,
      cleanupOutdatedCaches: true,
      runtimeCaching: [
        {
          urlPattern: ({ request }) => request.mode === 'navigate',
          handler: 'NetworkFirst',
          options: { cacheName: 'pages', precacheFallback: { fallbackURL: '/' } },
        },
      ],
      additionalManifestEntries: [{ url: '/', revision: String(Date.now()) }],
    },
  },
  hooks: {
    // The service worker fetches all stations once; the page at hand is not kept waiting by those it may not show.
    'build:manifest': (manifest) => {
      for (const file of Object.values(manifest)) file.prefetch = false
    },
    // The page of all parts is for those who make them: it comes with the dev server alone.
    'pages:extend': (pages) => {
      const at = pages.findIndex(({ path }) => path === '/parts')
      if (process.env.NODE_ENV === 'production' && at >= 0) pages.splice(at, 1)
    },
  },
  // Other stations are fetched once by the service worker, for use without a connection; no need to run them
  // ahead of time.
  experimental: { defaults: { nuxtLink: { prefetch: false } }, viteEnvironmentApi: true },
  runtimeConfig: { public: { demo: false } },
  nitro: {
    errorHandler: '~~/server/error.ts',
    typescript: { tsConfig: { include: ['../types/*.d.ts'] } },
  },
})
