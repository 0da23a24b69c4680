import { constants, of } from '../../constants/constants'

/** Words of charts, and how the pace of past batches is read: every number it takes from outside. */
export const READING = constants('Words of charts, and how the pace of past batches is read', {
  begunDays: of(28, 21, 35, 'd', 'what was fed is hardly changed before; practice: three to five weeks'),
  begunShare: of(0.2, 0.15, 0.3, 'share', 'of the way to ripe has to be behind it; fresh scraps under leaves stand at 0.12; own estimate'),
})
