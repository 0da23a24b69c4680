/** From here it counts as hot; above the other the workers die. */
export const HOT_C = 45
export const TOO_HOT_C = 68
/** This far above the air it still works. */
export const WORKING_K = 8
