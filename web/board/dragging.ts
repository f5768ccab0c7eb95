import type { DragEvent } from 'react'

/** What is dragged onto a key of the board: a command by its id, or another key as the press that it makes. */
export type Dragged = { kind: 'command'; command: string } | { kind: 'key'; press: string }

const TYPE = 'application/x-zebrafinch'

export function beginDrag(event: DragEvent, what: Dragged): void {
  event.dataTransfer.setData(TYPE, JSON.stringify(what))
  event.dataTransfer.effectAllowed = 'move'
}

/** Whether something of ours is over; what it is, is told only when it is dropped. */
export const isOurs = (event: DragEvent): boolean => event.dataTransfer.types.includes(TYPE)

export function droppedOf(event: DragEvent): Dragged | null {
  const text = event.dataTransfer.getData(TYPE)
  return text === '' ? null : (JSON.parse(text) as Dragged)
}
