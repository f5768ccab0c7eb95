import react from '@vitejs/plugin-react'
import { defineConfig } from 'vite'

export default defineConfig({
  plugins: [react()],
  publicDir: false,
  base: '/build/',
  // Bootstrap 5 is written in words of Sass that newer versions of it call old.
  css: { preprocessorOptions: { scss: { quietDeps: true, silenceDeprecations: ['import'] } } },
  build: {
    outDir: 'public/build',
    manifest: 'manifest.json',
    // The page's security policy allows fonts and pictures from this server only, so nothing is inlined.
    assetsInlineLimit: 0,
    rollupOptions: { input: ['web/main.tsx', 'web/api-description.ts'] },
  },
})
