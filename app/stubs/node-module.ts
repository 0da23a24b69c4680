/** The solver asks for this only under Node; in the browser nothing of it is ever called. */
export function createRequire(): never {
  throw new Error('there is no module loader in the browser')
}
