import 'rapidoc'
import { csrfToken } from './api/csrf'

// The page that describes the API: each question can be asked there, as whoever is signed in, or with a token.
const page = document.querySelector('rapi-doc')
page?.addEventListener('before-try', (event) => {
  const { request } = (event as CustomEvent<{ request: Request }>).detail
  request.headers.set('X-XSRF-TOKEN', csrfToken())
})
