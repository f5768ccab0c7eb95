import { useState } from 'react'
import { NavigationType, useLocation, useNavigationType } from 'react-router'
import { useAddress } from './useAddress'

/**
 * Text that is typed here and kept in the address. The address follows a little later than the fingers, so the field shows what
 * was typed, and takes the address's word only when somebody comes to it by a link or goes back. `show` leaves the address to
 * whoever writes more of it in the same go.
 */
export function useAddressText(name: string): [text: string, type: (next: string, beside?: Record<string, string>) => void, show: (next: string) => void] {
  const [read, write] = useAddress()
  const { key } = useLocation()
  const kind = useNavigationType()
  const [state, setState] = useState({ text: read(name), seen: key })
  if (state.seen !== key) setState({ text: kind === NavigationType.Replace ? state.text : read(name), seen: key })
  const show = (next: string) => { setState((before) => ({ ...before, text: next })) }
  return [state.text, (next, beside = {}) => { show(next); write({ ...beside, [name]: next }) }, show]
}
