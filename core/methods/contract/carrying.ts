/** As what a batch can take char along: in a heap, or with worms. */
export type CarriesChar = 'heap' | 'worms'

/** A standing batch that char travels with: it is charged there, and comes out with it. */
export interface Carrier { readonly batchId: string, readonly name: string, readonly as: CarriesChar }
