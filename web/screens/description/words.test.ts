import { expect, test } from 'vitest'
import { correctionSentence, tokens } from './words'

const mark = (from: number, to: number, is: 'command' | 'chord', means = '') => ({ from, to, is, means })

test('a line is cut into what was understood and the words and signs between, and nothing of it is lost', () => {
  const cut = tokens({ text: 'split_reel: Ctrl-B, F5 ; x', marks: [mark(0, 10, 'command'), mark(12, 18, 'chord', 'Primary+KeyB')] })
  expect(cut.map(({ text, is }) => [text, is])).toEqual([
    ['split_reel', 'command'],
    [':', null],
    ['Ctrl-B', 'chord'],
    [',', null],
    ['F5', null],
    [';', null],
    ['x', null],
  ])
})

test('places are counted in characters, whatever stands before them', () => {
  expect(tokens({ text: '🎬 é = x', marks: [] }).map(({ from, to, text }) => [from, to, text])).toEqual([
    [0, 1, '🎬'],
    [2, 3, 'é'],
    [4, 5, '='],
    [6, 7, 'x'],
  ])
})

test('a mark that begins inside another one is left out, so that each letter stands once', () => {
  const cut = tokens({ text: 'app.play', marks: [mark(0, 8, 'command'), mark(4, 8, 'chord')] })
  expect(cut.map(({ text }) => text)).toEqual(['app.play'])
})

test('what somebody said is told back as a sentence', () => {
  expect(correctionSentence({ says: 'word', word: 'Maj', means: 'Shift' })).toBe('“Maj” means Shift.')
  expect(correctionSentence({ says: 'context', word: 'Reel list', line: 7 })).toBe(
    '“Reel list” in line 7 is the context; what stands at its place in other lines is, too.',
  )
})
