import { useState } from 'react'
import { NavigationType, useLocation, useNavigationType } from 'react-router'
import { useAddress } from './useAddress'

/**
 * Text that is typed here and kept in the address. The address follows a little later than the fingers, so the field shows what
 * was typed, and takes the address's word only when somebody comes to it by a link or goes back.
 */
export function useAddressText(name: string): [text: string, type: (next: string, beside?: Record<string, string>) => void] {
  const [read, write] = useAddress()
  const { key } = useLocation()
  const kind = useNavigationType()
  const [state, setState] = useState({ text: read(name), seen: key })
  if (state.seen !== key) setState({ text: kind === NavigationType.Replace ? state.text : read(name), seen: key })
  return [state.text, (next, beside = {}) => { setState((before) => ({ ...before, text: next })); write({ ...beside, [name]: next }) }]
}
