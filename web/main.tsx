import '@fontsource/atkinson-hyperlegible/latin-400.css'
import '@fontsource/atkinson-hyperlegible/latin-700.css'
import './style/bootstrap.scss'
import './style/theme.css'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { App } from './app/App'

const root = document.getElementById('app')
if (root === null) throw new Error('The page has no element "app".')
createRoot(root).render(
  <StrictMode>
    <App />
  </StrictMode>,
)
