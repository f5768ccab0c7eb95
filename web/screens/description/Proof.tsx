import type { Schema } from '../../api/client'
import { counted } from '../../parts/counted'
import css from './description.module.css'

/** What the description did on the file it came with. */
export function Proof({ proof }: { proof: Schema['DescriptionProof'] }) {
  const steps: readonly (readonly [boolean, string])[] = [
    [proof.bindings > 0, `${counted(proof.bindings, 'binding')} read in ${counted(proof.lines, 'line')}`],
    [
      proof.left_count === 0,
      proof.left_count === 0 ? 'no line was left that looks like one' : `${counted(proof.left_count, 'line')} not read`,
    ],
    [proof.same, proof.same ? 'unchanged, it is written back byte for byte' : 'unchanged, it would not come out as it went in'],
    [proof.undone, proof.changed === null ? 'no chord could be changed for a try' : `changed for a try and changed back: ${proof.changed}`],
  ]
  return (
    <section aria-label="Proof" className={css.proof}>
      <h2>{proof.holds ? 'It stands the proof' : 'It does not stand the proof yet'}</h2>
      <ul>
        {steps.map(([holds, sentence]) => (
          <li key={sentence} data-holds={holds}>
            <span aria-hidden>{holds ? '●' : '○'}</span> {sentence}
          </li>
        ))}
        {proof.dead !== null && (
          <li data-holds="true">
            <span aria-hidden>●</span> a line that the application would not obey was found. {proof.dead}
          </li>
        )}
      </ul>
    </section>
  )
}
