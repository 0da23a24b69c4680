export * from './entry'
export * from './since'
