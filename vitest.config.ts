import react from '@vitejs/plugin-react'
import { defineConfig } from 'vitest/config'

/** The page's logic, in a simulated browser; the real interface is tested with a real one (playwright.config.ts). */
export default defineConfig({
  plugins: [react()],
  test: { environment: 'jsdom', setupFiles: 'web/tests/setup.ts', include: ['web/**/*.test.{ts,tsx}'], restoreMocks: true },
})
