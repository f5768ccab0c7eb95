import react from '@vitejs/plugin-react'
import { defineConfig } from 'vite'

/** `npm run dev`: the page with hot reload, against a demo that runs (`./zebrafinch start`). ZEBRAFINCH_URL names another. */
const demo = process.env.ZEBRAFINCH_URL ?? 'http://127.0.0.1:8460'

// The server takes writes from its own page only, so what is passed on says that it comes from there.
const passedOn = { target: demo, changeOrigin: true, headers: { origin: demo } }

export default defineConfig({
  root: 'web',
  plugins: [react()],
  publicDir: '../public',
  css: { preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ['import'] } } },
  server: { host: '127.0.0.1', port: 5173, strictPort: true, proxy: { '/api': passedOn, '/up': passedOn } },
})
