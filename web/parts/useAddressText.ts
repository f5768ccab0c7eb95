import { useState } from 'react'
import { NavigationType, useLocation, useNavigationType } from 'react-router'
import { isOwn, useAddress } from './useAddress'

interface AddressText {
  text: string
  /** Shows the text and writes it to the address, with whatever else changes in the same go. */
  set: (next: string, beside?: Record<string, string>) => void
  /** Shows the text and leaves the address to whoever writes more of it in the same go. */
  show: (next: string) => void
}

/**
 * Text that is entered here and stands in the address. The address follows a little later than the fingers, so what is shown is what was
 * entered; the address's word is taken when somebody comes by a link or goes back. A word that is typed is one entry of the history,
 * however many letters it has.
 *
 * @param isTyped whether it comes letter by letter
 */
export function useAddressText(name: string, isTyped: boolean): AddressText {
  const [read, write] = useAddress()
  const location = useLocation()
  const key = location.key
  const entry: unknown = location.state
  const kind = useNavigationType()
  const [state, setState] = useState({ text: read(name), seen: key })
  if (state.seen !== key) setState({ text: kind !== NavigationType.Pop && isOwn(entry) ? state.text : read(name), seen: key })
  const show = (next: string) => {
    setState((before) => (before.text === next ? before : { ...before, text: next }))
  }
  return {
    text: state.text,
    show,
    set: (next, beside = {}) => {
      show(next)
      write({ ...beside, [name]: next }, { replace: isTyped && read(name) !== '' && next !== '' })
    },
  }
}
