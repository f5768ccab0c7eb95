import { Link } from 'react-router'
import { ScreenHeading } from '../parts/ScreenHead'

export function NowherePage() {
  return (
    <>
      <ScreenHeading>There is nothing at this address</ScreenHeading>
      <p>
        Perhaps a letter is missing in it. <Link to="/find">Go to Find</Link>.
      </p>
    </>
  )
}
