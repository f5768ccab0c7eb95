// Prints what AltGr, and AltGr with Shift, type on Windows: for each layout named on the command line, the characters by key code.
// Source: the npm package virtual-keyboard (MIT licence), whose layouts list the rows of a keyboard level by level. It does not tell
// which of the characters wait for another key.
import { readFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { runInNewContext } from 'node:vm'

const ROWS = [
  ['Backquote', ...[...'1234567890'].map((digit) => `Digit${digit}`), 'Minus', 'Equal'],
  [...[...'QWERTYUIOP'].map((letter) => `Key${letter}`), 'BracketLeft', 'BracketRight', 'Backslash'],
  [...[...'ASDFGHJKL'].map((letter) => `Key${letter}`), 'Semicolon', 'Quote', 'Backslash'],
  ['IntlBackslash', ...[...'ZXCVBNM'].map((letter) => `Key${letter}`), 'Comma', 'Period', 'Slash', 'IntlRo'],
]

const path = createRequire(import.meta.url).resolve('virtual-keyboard/dist/layouts/keyboard-layouts-microsoft.min.js')
const jQuery = { keyboard: { layouts: {}, language: {} } }
runInNewContext(readFileSync(path, 'utf8'), { jQuery })

/** What stands on each key in the rows of one level; named keys and empty ones are left out. */
function keysOf(rows) {
  const keys = {}
  rows?.slice(0, 4).forEach((row, number) => {
    const tokens = row.split(' ').filter((token) => token !== '{bksp}' && token !== '{tab}' && token !== '{enter}' && token !== '{shift}')
    // Where the fourth row lacks the key beside Shift it begins with the next.
    const codes = number === 3 && tokens.length < 11 ? ROWS[3].slice(1) : ROWS[number]
    tokens.forEach((token, index) => {
      const code = codes[index]
      if (code !== undefined && token !== '' && !/^\{\w+\}$/.test(token)) keys[code] = token
    })
  })
  return keys
}

const found = {}
for (const name of process.argv.slice(2)) {
  const layout = jQuery.keyboard.layouts[name]
  if (layout === undefined) throw new Error(`virtual-keyboard has no layout "${name}".`)
  const [plain, third, fourth] = [layout.normal, layout.alt, layout['alt-shift']].map(keysOf)
  const codes = [...new Set([...Object.keys(third), ...Object.keys(fourth)])].sort()
  found[name] = { plain, keys: Object.fromEntries(codes.map((code) => [code, [third[code] ?? null, fourth[code] ?? null]])) }
}
console.log(JSON.stringify(found))
