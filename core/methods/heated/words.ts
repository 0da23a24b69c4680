/** The words by which what is recorded of a batch that heats is known in its events. */
export { CORE, EDGE, HEAT, HEIGHT, TURNED } from '../../journal/earlier'
