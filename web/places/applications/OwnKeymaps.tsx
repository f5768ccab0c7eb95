import { useState } from 'react'
import { Link } from 'react-router'
import { answer, api, type Schema } from '../../api/client'
import { forgetKit, useKeymaps } from '../../api/queries'
import { Asking } from '../../parts/Asking'
import { ProblemNote } from '../../parts/ProblemNote'
import { useSeat } from '../../seat/seat'

/** The keymaps one has for an application: switched in one action, named, tagged, put away and taken back. */
export function OwnKeymaps({ application }: { application: string }) {
  const query = useSeat()
  const keymaps = useKeymaps()
  const [error, setError] = useState<Error | null>(null)
  const [labelling, setLabelling] = useState<number | null>(null)
  const send = (request: Promise<unknown>) => {
    request.then(() => { setError(null); setLabelling(null) }, (failure: unknown) => { setError(failure as Error) }).finally(() => void forgetKit())
  }
  const path = (keymap: number) => ({ params: { path: { keymap }, query } })
  return (
    <>
      <h2>Keymaps</h2>
      <Asking of={keymaps}>
        {({ keymaps: all, deleted }) => {
          const own = all.filter((one) => one.application === application)
          const factoryInUse = own.every((one) => !one.in_use)
          return (
            <>
              <ul className="own-keymaps">
                <li data-in-use={factoryInUse}>
                  <strong>Factory</strong> <span className="quiet">protected</span>
                  {factoryInUse ? <b>in use</b> : <button type="button" className="plain" onClick={() => { send(answer(api.POST('/applications/{application}/use-factory', { params: { path: { application }, query } }))) }}>use the factory keymap</button>}
                </li>
                {own.map((one) => (
                  <li key={one.id} data-in-use={one.in_use}>
                    <strong>{one.name}</strong>
                    {one.tags.map((tag) => <span key={tag} className="tag">{tag}</span>)}
                    <span className="quiet">{one.bindings} bindings{one.follows !== null && `, follows ${one.follows}`}{one.unsaved > 0 && `, ${one.unsaved} changed since its last save`}</span>
                    {one.in_use ? <><b>in use</b> <Link to={`/changes/${application}`}>changes</Link></> : <button type="button" className="plain" onClick={() => { send(answer(api.POST('/keymaps/{keymap}/use', path(one.id)))) }}>use {one.name}</button>}
                    <button type="button" className="plain" aria-expanded={labelling === one.id} onClick={() => { setLabelling(labelling === one.id ? null : one.id) }}>name and tags<span className="visually-hidden"> of {one.name}</span></button>
                    <button type="button" className="plain" onClick={() => { send(answer(api.DELETE('/keymaps/{keymap}', path(one.id)))) }}>delete<span className="visually-hidden"> {one.name}</span></button>
                    {labelling === one.id && <LabelForm keymap={one} onSave={(body) => { send(answer(api.PATCH('/keymaps/{keymap}', { ...path(one.id), body }))) }} />}
                  </li>
                ))}
              </ul>
              {deleted.filter((one) => one.application === application).map((one) => (
                <p key={one.id} className="quiet">{one.name} is deleted. <button type="button" className="plain" onClick={() => { send(answer(api.POST('/keymaps/{keymap}/take-backs', path(one.id)))) }}>take {one.name} back</button></p>
              ))}
            </>
          )
        }}
      </Asking>
      <ProblemNote error={error} />
    </>
  )
}

function LabelForm({ keymap, onSave }: { keymap: Schema['KeymapBrief']; onSave: (body: { name: string; tags: string[] }) => void }) {
  const [name, setName] = useState(keymap.name)
  const [tags, setTags] = useState(keymap.tags.join(', '))
  return (
    <form
      className="label-form"
      onSubmit={(event) => { event.preventDefault(); onSave({ name: name.trim(), tags: tags.split(',').map((one) => one.trim()).filter((one) => one !== '') }) }}
    >
      <label>Name <input className="form-control form-control-sm" required maxLength={60} value={name} onChange={(event) => { setName(event.target.value) }} /></label>
      <label>Tags, with commas between <input className="form-control form-control-sm" placeholder="desk, road" value={tags} onChange={(event) => { setTags(event.target.value) }} /></label>
      <button type="submit" className="btn btn-sm btn-outline-secondary">Keep these</button>
    </form>
  )
}
