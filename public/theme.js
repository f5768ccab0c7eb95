// Runs before the first paint, so that a dim room is never lit up by a white page.
document.documentElement.dataset.bsTheme = localStorage.getItem('theme') === 'dim' ? 'dark' : 'light'
