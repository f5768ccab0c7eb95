import { Link } from 'react-router'

export function NowherePage() {
  return (
    <>
      <h1>There is nothing at this address</h1>
      <p>Perhaps a letter is missing in it. <Link to="/find">Go to Find</Link>.</p>
    </>
  )
}
