import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { describe, expect, it } from 'vitest'
import type { Schema } from '../../api/client'
import { ListeningProvider } from '../../listening/Listening'
import { later } from '../../tests/later'
import { renderAt } from '../../tests/page'
import { APPLICATIONS, chordOf, CUTLOOM, FADERLOFT } from '../../tests/samples'
import { askedFor, json, problem, whenAsked } from '../../tests/server'
import { FindScreen } from './FindScreen'

const hit = (
  application: { id: string; name: string },
  command: string,
  chord: string | null,
  more: Partial<Schema['Hit']> = {},
): Schema['Hit'] => ({
  application,
  command: { id: command, name: command, known: true },
  menu: ['Clip', command],
  tooltip: `Does ${command}`,
  context: { id: 'timeline', name: 'Timeline' },
  is_menu_only: false,
  is_changed: false,
  chords: chord === null ? [] : [chordOf(chord)],
  holds: [],
  ...more,
})

const FADE: Schema['Answers'] = {
  applications: [CUTLOOM, FADERLOFT],
  chord: null,
  chord_problem: null,
  answers: [
    {
      state: 'whole',
      runs_on: ['faderloft'],
      intent: { id: 'fade', name: 'Fade out', synonyms: ['dip'] },
      hits: [hit(CUTLOOM, 'Fade to black', 'KeyD'), hit(FADERLOFT, 'Fade out', 'KeyD', { is_changed: true })],
    },
    { state: 'single', runs_on: [], intent: null, hits: [hit(FADERLOFT, 'Remove fades', null, { is_menu_only: true })] },
  ],
}
const NOTHING: Schema['Answers'] = { applications: [], chord: null, chord_problem: null, answers: [] }

function show(address = '/find') {
  whenAsked('GET /applications', APPLICATIONS)
  whenAsked('GET /table', { layers: [], board: { keys: [] }, applications: [] })
  return renderAt(
    address,
    <ListeningProvider>
      <FindScreen />
    </ListeningProvider>,
    { '/remap/:application': <p>remap</p> },
  )
}

const field = () => screen.getByRole<HTMLInputElement>('searchbox', { name: 'What do you want to do?' })

describe('finding by words', () => {
  it('shows each intent as a row and each application as a column, with the way to change it', async () => {
    whenAsked('GET /find', FADE)
    show('/find?words=fade')
    const row = within(await screen.findByRole('row', { name: /Fade out/ }))
    expect(row.getByRole('link', { name: /Fade to black/ }).getAttribute('href')).toBe(
      '/remap/cutloom?command=Fade%20to%20black&context=timeline',
    )
    expect(row.getByText(/changed/)).toBeTruthy()
    expect(screen.getAllByRole('columnheader').map(({ textContent }) => textContent)).toEqual(['Intent', 'Cutloom', 'Faderloft'])
  })

  it('has the focus on arrival, and takes letters that are typed anywhere', async () => {
    whenAsked('GET /find', FADE)
    show()
    expect(document.activeElement).toBe(field())
    field().blur()
    await userEvent.keyboard('fa')
    expect(field().value).toBe('fa')
  })

  it('leads to the first answer with Enter, also where it is pressed before the answer is there', async () => {
    const answer = later<null>()
    whenAsked('GET /find', () => answer.promise.then(() => json(FADE)))
    const { address } = show()
    await userEvent.type(field(), 'fade{Enter}')
    expect(address()).toContain('/find')
    answer.come(null)
    await waitFor(() => {
      expect(address()).toBe('/remap/cutloom?command=Fade%20to%20black&context=timeline')
    })
  })

  it('is walked with arrows, and up from the first leads back to the field', async () => {
    whenAsked('GET /find', FADE)
    show('/find?words=fade')
    const link = await screen.findByRole('link', { name: /Fade to black/ })
    await userEvent.type(field(), '{ArrowDown}')
    expect(document.activeElement).toBe(link)
    await userEvent.keyboard('{ArrowRight}')
    expect(document.activeElement?.textContent).toContain('Fade out')
    await userEvent.keyboard('{ArrowDown}')
    expect(document.activeElement?.textContent).toContain('Remove fades')
    await userEvent.keyboard('{ArrowUp}{ArrowUp}')
    expect(document.activeElement).toBe(field())
  })

  it('is grouped by menu where one wants it so', async () => {
    whenAsked('GET /find', FADE)
    const { address } = show('/find?words=fade')
    await userEvent.selectOptions(await screen.findByLabelText('Grouped by'), 'menu')
    expect(address()).toBe('/find?words=fade&by=menu')
    const faderloft = within(screen.getByRole('region', { name: 'Faderloft' }))
    expect(faderloft.getByRole('heading', { name: 'Clip' })).toBeTruthy()
    expect(faderloft.getAllByRole('link')).toHaveLength(2)
  })

  it('says how many there are in words that fit the number', async () => {
    whenAsked('GET /find', { ...FADE, answers: FADE.answers.slice(0, 1) })
    show('/find?words=fade')
    expect((await screen.findByText(/^1 answer\./)).textContent).not.toContain('answers.')
  })

  it('tells in words what can be held', async () => {
    whenAsked('GET /find', {
      ...FADE,
      answers: [{ state: 'single', runs_on: [], intent: null, hits: [hit(CUTLOOM, 'Rubber', 'KeyE', { holds: [chordOf('KeyE')] })] }],
    })
    show('/find?words=rubber')
    expect((await screen.findByRole('link', { name: /Rubber/ })).textContent).toMatch(/tap .*or hold /)
  })

  it('shows cells that run together as the server says, and works nothing out', async () => {
    whenAsked('GET /find', { ...FADE, answers: FADE.answers.map((one) => ({ ...one, state: 'broken', runs_on: [] })) })
    show('/find?words=fade')
    const row = await screen.findByRole('row', { name: /Fade out/ })
    expect(row.getAttribute('data-state')).toBe('broken')
    expect(row.querySelector('[data-runs-on=true]')).toBeNull()
  })

  it('says of a command that it has no chord, and that only the menu has it', async () => {
    whenAsked('GET /find', FADE)
    show('/find?words=fade')
    const link = await screen.findByRole('link', { name: /Remove fades/ })
    expect(link.textContent).toContain('no chord')
    expect(link.textContent).toContain('menu only')
  })

  it('says what to try where nothing is called so', async () => {
    whenAsked('GET /find', NOTHING)
    show('/find?words=qqqq')
    expect(await screen.findByText('Nothing is called “qqqq”.')).toBeTruthy()
  })

  it('is not said to be nothing while it is on its way, or where it was refused', async () => {
    const answer = later<Response>()
    whenAsked('GET /find', () => answer.promise)
    show('/find?words=fade')
    expect(await screen.findByText('One moment …')).toBeTruthy()
    answer.come(problem(500, { detail: 'The server stumbled.', remedy: 'Try again.' }))
    expect((await screen.findByRole('alert')).textContent).toContain('The server stumbled.')
    expect(screen.queryByText(/Nothing is called/)).toBeNull()
  })

  it('is one entry of the history for a word, and Back brings the word before', async () => {
    whenAsked('GET /find', NOTHING)
    const { router } = show('/find?words=fade')
    await userEvent.clear(field())
    await userEvent.type(field(), 'lift')
    await router.navigate(-1)
    await waitFor(() => {
      expect(field().value).toBe('')
    })
    await router.navigate(-1)
    await waitFor(() => {
      expect(field().value).toBe('fade')
    })
  })

  it('is narrowed in the address, and wide again with one click', async () => {
    whenAsked('GET /find', FADE)
    const { address } = show('/find?words=fade')
    await screen.findByRole('option', { name: 'Faderloft' })
    await userEvent.selectOptions(screen.getByLabelText('Application'), 'faderloft')
    await userEvent.selectOptions(screen.getByLabelText('Kind'), 'unbound')
    expect(address()).toBe('/find?words=fade&application=faderloft&only=unbound')
    await waitFor(() => {
      expect(askedFor('GET /find').at(-1)?.query.get('only')).toBe('unbound')
    })
    await userEvent.click(screen.getByRole('button', { name: 'all again' }))
    expect(address()).toBe('/find?words=fade')
  })
})

describe('words that spell a chord', () => {
  it('can be looked up as one', async () => {
    whenAsked('GET /find', { ...NOTHING, chord: chordOf('Shift+KeyV') })
    const { address } = show('/find?words=shift v')
    await userEvent.click(await screen.findByRole('button', { name: 'who gets Shift+KeyV?' }))
    expect(address()).toBe('/find?chord=Shift%2BKeyV')
    expect(field().value).toBe('')
  })

  it('that nearly do are told where they stop', async () => {
    whenAsked('GET /find', { ...NOTHING, chord_problem: '"Hyper" is no modifier.' })
    show('/find?words=hyper v')
    expect((await screen.findByRole('alert')).textContent).toBe('"Hyper" is no modifier.')
  })
})

describe('a chord that is pressed', () => {
  it('takes the place of the words, as an entry that one can go back from', async () => {
    whenAsked('GET /find', FADE)
    whenAsked('GET /spelled-chord', () => json({}))
    const { router, address } = show('/find?words=fade')
    await screen.findByRole('row', { name: /Fade out/ })
    fireEvent.keyDown(window, { code: 'F9' })
    fireEvent.keyDown(window, { code: 'KeyM', shiftKey: true })
    await waitFor(() => {
      expect(address()).toBe('/find?layer=Shift&chord=Shift%2BKeyM')
    })
    expect(field().value).toBe('')
    await router.navigate(-1)
    await waitFor(() => {
      expect(field().value).toBe('fade')
    })
  })
})

describe('a house without applications', () => {
  it('says where they come from', async () => {
    show()
    expect(await screen.findByText('This house has no application yet.')).toBeTruthy()
  })
})
