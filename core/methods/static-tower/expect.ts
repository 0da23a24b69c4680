import { expecting } from '../heated/expecting'
import { questionOf } from './question'

/** What a tower is expected to do: its forecast where there is one, else one course without a range. */
export const { middleCourse, expectCourse } = expecting(questionOf)
