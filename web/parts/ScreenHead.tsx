import { useEffect, useRef, type ReactNode } from 'react'
import { useLocation } from 'react-router'
import css from './ScreenHead.module.css'
import { cx } from './cx'

/** React Router's key of the entry with which the page was opened. */
const FIRST_ENTRY = 'default'

interface HeadingProps {
  children: ReactNode
  isHidden?: boolean
  /** False where a field of the screen takes it instead. */
  takesFocus?: boolean
}

/** The name of a screen. It takes the focus when somebody comes to the screen from another, so that reading goes on there. */
export function ScreenHeading({ children, isHidden = false, takesFocus = true }: HeadingProps) {
  const heading = useRef<HTMLHeadingElement>(null)
  const { key } = useLocation()
  const isLeft = useRef(key === FIRST_ENTRY || !takesFocus)
  useEffect(() => {
    if (!isLeft.current) heading.current?.focus({ preventScroll: true })
  }, [])
  return (
    <h1 ref={heading} tabIndex={-1} className={cx(isHidden && 'visually-hidden')}>
      {children}
    </h1>
  )
}

/** The name of a screen, and beside it what belongs to all of it. */
export function ScreenHead({ title, children }: { title: string; children?: ReactNode }) {
  return (
    <div className={css.head}>
      <ScreenHeading>{title}</ScreenHeading>
      {children}
    </div>
  )
}

/** A line of choices below the head of a screen. */
export function HeadLine({ children }: { children: ReactNode }) {
  return <div className={css.head}>{children}</div>
}
