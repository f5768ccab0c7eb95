// Solves an LP file with HiGHS and prints one line of JSON: highs.mjs FILE SECONDS
import { readFileSync } from 'node:fs'
import loader from 'highs'

const [file, seconds] = process.argv.slice(2)
const highs = await loader()
const text = readFileSync(file, 'utf8')
const start = performance.now()
const { Status, ObjectiveValue } = highs.solve(text, { time_limit: Number(seconds), mip_rel_gap: 0, output_flag: false })
console.log(JSON.stringify({ status: Status, cost: ObjectiveValue, seconds: (performance.now() - start) / 1000 }))
