// Holds docs/openapi.yaml against the OpenAPI specification with a validator of others (Redocly's), and as readers of YAML 1.1 take it:
// there a bare yes, no, on or off is a boolean.
import { createConfig, lint } from '@redocly/openapi-core'
import { readFileSync } from 'node:fs'

const FILE = new URL('../docs/openapi.yaml', import.meta.url).pathname
const BOOLEAN_IN_YAML_1_1 = /^(y|n|yes|no|on|off)$/i

const config = await createConfig({ extends: ['spec'], rules: { 'no-unresolved-refs': 'error' } })
const problems = (await lint({ ref: FILE, config })).map(({ message, location }) => `${location[0]?.pointer ?? ''}: ${message}`)

readFileSync(FILE, 'utf8')
  .split('\n')
  .forEach((line, index) => {
    const withoutText = line.replace(/'[^']*'|"[^"]*"/g, "''").replace(/(description|summary): [^{}]*/g, '')
    for (const word of withoutText.split(/[\s,:[\]{}]+/)) {
      if (BOOLEAN_IN_YAML_1_1.test(word)) problems.push(`line ${index + 1}: ${word} is a boolean in YAML 1.1; put it in quotes`)
    }
  })

problems.forEach((problem) => console.error(problem))
process.exit(problems.length === 0 ? 0 : 1)
