import type { IDBPTransaction } from 'idb'

/** The rooms of a garden's database. */
export type Room = 'events' | 'documents' | 'keepsakes' | 'photos' | 'thumbs' | 'packs' | 'recent'
export const ROOMS: Room[] = ['events', 'documents', 'keepsakes', 'photos', 'thumbs', 'packs', 'recent']

export type Writing = IDBPTransaction<unknown, Room[], 'readwrite'>
export type Reading = IDBPTransaction<unknown, Room[], 'readonly' | 'readwrite'>
