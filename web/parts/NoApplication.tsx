import { Link } from 'react-router'
import { useSession } from '../api/session'
import { Empty } from './Empty'

/** Where a house has no application yet: the first thing that its people do. */
export function NoApplication() {
  const mayBring = useSession().data?.person?.may_sit_down === true
  return (
    <Empty>
      <strong>This house has no application yet.</strong>{' '}
      {mayBring ? (
        <Link to="/house-applications/new">Bring the first by its key file.</Link>
      ) : (
        'An editor or a suite keeper brings the first by its key file.'
      )}
    </Empty>
  )
}
