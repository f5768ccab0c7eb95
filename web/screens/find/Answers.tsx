import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { KeysList } from '../../parts/Keys'
import { cx } from '../../parts/cx'
import css from './find.module.css'
import { Empty } from '../../parts/Empty'
import layout from '../../parts/layout.module.css'
import stripes from '../../parts/stripes.module.css'

type Answer = Schema['Answer']
type Hit = Schema['Hit']

interface Props {
  words: string
  found: Schema['Answers']
}

/** Answers as stripes: an intent a row, an application a column, and cells with the same chord run together. */
export function Answers({ words, found }: Props) {
  const { answers, applications } = found
  if (answers.length === 0) {
    return (
      <Empty>
        <strong>Nothing is called “{words}”.</strong> Try one word less, or what another trade says: split, razor and cut find the same
        commands.
      </Empty>
    )
  }
  return (
    <>
      <p className="visually-hidden" role="status">
        {answers.length} answers found
      </p>
      <table className={cx(stripes.stripes, stripes.answers)}>
        <thead>
          <tr>
            <th scope="col">Intent</th>
            {applications.map(({ id, name }) => (
              <th scope="col" key={id}>
                {name}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {answers.map((answer) => (
            <AnswerRow key={answer.intent?.id ?? answer.hits[0]?.command.id} answer={answer} applications={applications} />
          ))}
        </tbody>
      </table>
    </>
  )
}

function AnswerRow({ answer, applications }: { answer: Answer; applications: Schema['Named'][] }) {
  return (
    <tr data-state={answer.state}>
      <th scope="row">
        {answer.intent?.name ?? answer.hits[0]?.command.name}
        {answer.intent !== null && answer.intent.synonyms.length > 0 && (
          <span className={css.also}>{answer.intent.synonyms.join(', ')}</span>
        )}
      </th>
      {applications.map(({ id }, index) => {
        const hits = answer.hits.filter(({ application }) => application.id === id)
        const right = applications[index + 1]
        return (
          <td
            key={id}
            data-bound={(hits[0]?.chords.length ?? 0) > 0}
            data-runs-on={answer.runs_on.includes(id)}
            data-runs-into={right !== undefined && answer.runs_on.includes(right.id)}
          >
            {hits.length === 0 ? (
              <span className={cx(stripes.stripeCell, stripes.none)}>
                —<span className="visually-hidden"> no such command</span>
              </span>
            ) : (
              hits.map((hit) => <HitCell key={hit.command.id} hit={hit} />)
            )}
          </td>
        )
      })}
    </tr>
  )
}

function HitCell({ hit }: { hit: Hit }) {
  const where = [
    hit.context.name,
    hit.menu.length > 1 ? `menu ${hit.menu.slice(0, -1).join(' › ')}` : '',
    hit.is_menu_only ? 'menu only' : '',
    hit.is_changed ? 'changed' : '',
  ]
  return (
    <Link className={stripes.stripeCell} to={`/remap/${hit.application.id}?command=${hit.command.id}`} title={hit.tooltip}>
      <KeysList chords={hit.chords} />
      <span className={stripes.stripeCommand}>
        <b>{hit.command.name}</b> <span className={layout.hitWhere}>{where.filter((one) => one !== '').join(' · ')}</span>
        <span className="visually-hidden"> in {hit.application.name}</span>
      </span>
    </Link>
  )
}
