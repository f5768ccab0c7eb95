/** The server gives the token of the page in a cookie and wants it back in a header. */
export function csrfToken(): string {
  const found = /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)
  return decodeURIComponent(found?.[1] ?? '')
}
