// Compresses the built scripts and styles once, as far as it goes, so that the web server never does: beside each file one with .br and
// one with .gz. Usage: node tools/compress-build.mjs
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { brotliCompressSync, constants, gzipSync } from 'node:zlib'

const folder = new URL('../public/build/assets/', import.meta.url)
for (const name of readdirSync(folder).filter((one) => /\.(js|css)$/.test(one))) {
  const bytes = readFileSync(new URL(name, folder))
  const params = { [constants.BROTLI_PARAM_QUALITY]: constants.BROTLI_MAX_QUALITY, [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length }
  writeFileSync(new URL(`${name}.br`, folder), brotliCompressSync(bytes, { params }))
  writeFileSync(new URL(`${name}.gz`, folder), gzipSync(bytes, { level: 9 }))
}
