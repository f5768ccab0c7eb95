export type Theme = 'paper' | 'dim'

export function currentTheme(): Theme {
  return document.documentElement.dataset.bsTheme === 'dark' ? 'dim' : 'paper'
}

/** Bootstrap knows the two as light and dark. */
export function showTheme(theme: Theme): void {
  document.documentElement.dataset.bsTheme = theme === 'dim' ? 'dark' : 'light'
  localStorage.setItem('theme', theme)
}
