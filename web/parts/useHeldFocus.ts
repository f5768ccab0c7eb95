import { useEffect } from 'react'

/**
 * When what had the focus is taken off the page, the focus goes to the field that the screen lives by, else to the screen, and never to
 * nowhere, so that keys go on from there.
 */
export function useHeldFocus(): void {
  useEffect(() => {
    let last: Element | null = null
    const remember = (event: FocusEvent) => {
      last = event.target instanceof Element ? event.target : null
    }
    const watch = new MutationObserver(() => {
      if (last === null || last.isConnected || document.activeElement !== document.body) return
      last = null
      const next = document.querySelector<HTMLElement>('[data-lives-by]') ?? document.getElementById('content')
      next?.focus({ preventScroll: true })
    })
    document.addEventListener('focusin', remember)
    watch.observe(document.body, { childList: true, subtree: true })
    return () => {
      document.removeEventListener('focusin', remember)
      watch.disconnect()
    }
  }, [])
}
