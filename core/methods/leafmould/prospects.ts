import type { BegunBatch } from '../../journal/garden'
import type { Comes, Prospect, Surroundings } from '../contract'
import { dayOfWindow, prospectOf } from '../course'
import { LEAF } from './constants'
import { cageOn } from './now'
import type { GradeId } from './rates'
import { GRADES } from './rates'
import { windowsOf } from './windows'

/** What each grade is once it is out: potting mould is too coarse for seeds. */
export const COMES_AS: Readonly<Record<GradeId, Omit<Comes, 'label'>>> = {
  mulch: { materialId: 'leaf-mould-coarse' },
  potting: { materialId: 'leaf-mould', serves: ['potting', 'beds', 'mulch'] },
  fine: { materialId: 'leaf-mould' },
}

/** One heap of leaves that is mulch first, then potting mould, then fine: the later made of the earlier. */
export function prospectsOf(batch: BegunBatch, surroundings: Surroundings): Prospect[] {
  const today = batch.ended ? undefined : cageOn(batch, surroundings)
  if (!today) return []
  return windowsOf(batch, surroundings).flatMap((window) => {
    const grade = GRADES.find(({ id }) => id === window.id)
    if (!grade || window.beyond) return []
    const then = cageOn(batch, surroundings, Math.max(dayOfWindow(batch, window), today.day))
    return prospectOf(
      batch, window, { label: grade.label, ...COMES_AS[grade.id] }, then && then.volumeL * (1 - then.shellShare) * LEAF.gives[grade.id],
    )
  })
}
