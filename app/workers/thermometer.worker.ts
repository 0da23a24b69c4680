import { expose } from 'comlink'
import { gathered, previewed } from '#core/formats/thermometer/reading'

/** Reading thermometer files, away from the page. */
const thermometer = { hello: () => true as const, preview: previewed, gather: gathered }
export type Thermometer = typeof thermometer

expose(thermometer)
