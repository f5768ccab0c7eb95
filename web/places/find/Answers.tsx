import { Link } from 'react-router'
import type { Schema } from '../../api/client'
import { KeysList } from '../../parts/Keys'

type Answer = Schema['Answer']
type Hit = Schema['Hit']

/** Answers as stripes: an intent a row, an application a column, and cells with the same chord run together. */
export function Answers({ words, answers }: { words: string; answers: Answer[] }) {
  if (answers.length === 0) {
    return (
      <div className="empty" role="status">
        <p><strong>Nothing is called “{words}”.</strong> Try one word less, or what another trade calls it: split, razor and cut find the same commands.</p>
      </div>
    )
  }
  const applications = [...new Map(answers.flatMap(({ hits }) => hits.map(({ application }) => [application.id, application.name] as const))).entries()].sort()
  return (
    <>
      <p className="visually-hidden" role="status">{answers.length} answers found</p>
      <table className="stripes answers">
        <thead><tr><th scope="col">Wish</th>{applications.map(([id, name]) => <th scope="col" key={id}>{name}</th>)}</tr></thead>
        <tbody>{answers.map((answer) => <AnswerRow key={answer.intent?.id ?? answer.hits[0]?.command.id} answer={answer} applications={applications.map(([id]) => id)} />)}</tbody>
      </table>
    </>
  )
}

function AnswerRow({ answer, applications }: { answer: Answer; applications: string[] }) {
  const cells = applications.map((id) => answer.hits.filter(({ application }) => application.id === id))
  const firsts = cells.map((hits) => hits[0]?.chords[0]?.id)
  const bound = firsts.filter((one) => one !== undefined)
  const state = bound.length < 2 ? 'single' : new Set(bound).size === 1 ? 'whole' : 'broken'
  return (
    <tr data-state={state}>
      <th scope="row">
        {answer.intent?.name ?? answer.hits[0]?.command.name}
        {answer.intent !== null && answer.intent.synonyms.length > 0 && <span className="also">{answer.intent.synonyms.join(', ')}</span>}
      </th>
      {cells.map((hits, place) => (
        <td key={applications[place]} data-bound={firsts[place] !== undefined} data-runs-into={firsts[place] !== undefined && firsts[place] === firsts[place + 1]}>
          {hits.length === 0 ? <span className="stripe-cell none">—<span className="visually-hidden"> no such command</span></span> : hits.map((hit) => <HitCell key={hit.command.id} hit={hit} />)}
        </td>
      ))}
    </tr>
  )
}

function HitCell({ hit }: { hit: Hit }) {
  const where = [hit.context.name, hit.menu.length > 1 ? `menu ${hit.menu.slice(0, -1).join(' › ')}` : '', hit.is_menu_only ? 'menu only' : '', hit.is_changed ? 'changed' : '']
  return (
    <Link className="stripe-cell" to={`/remap/${hit.application.id}?command=${hit.command.id}`} title={hit.tooltip}>
      <KeysList chords={hit.chords} />
      <span className="stripe-command">
        <b>{hit.command.name}</b> <span className="hit-where">{where.filter((one) => one !== '').join(' · ')}</span>
        <span className="visually-hidden"> in {hit.application.name}</span>
      </span>
    </Link>
  )
}
