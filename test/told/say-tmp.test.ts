import { it } from 'vitest'
import { writeFileSync } from 'node:fs'
import { everySentence, shapeOf } from './sentences'
it('prints', () => { const all = everySentence(); writeFileSync('/tmp/said.txt', all.map(s => `${s.where}\t${s.text}\t${shapeOf(s.text)}`).join('\n')) }, 600000)
