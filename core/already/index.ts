export * from './caution'
export * from './entry'
export * from './since'
