import { CLIMATES, type Climate } from './climate'

/** Time zones in which summer is at the turn of the year, by how their names begin (names of the time zone database). */
const SOUTHERN: readonly string[] = [
  'Australia/', 'Antarctica/', 'Pacific/Auckland', 'Pacific/Chatham', 'Pacific/Fiji', 'Pacific/Noumea', 'Pacific/Norfolk',
  'Africa/Johannesburg',
  'Africa/Maseru',
  'Africa/Mbabane',
  'Africa/Maputo',
  'Africa/Harare',
  'Africa/Lusaka',
  'Africa/Windhoek',
  'Africa/Gaborone',
  'Africa/Blantyre',
  'Africa/Luanda',
  'America/Argentina/',
  'America/Buenos_Aires',
  'America/Santiago',
  'America/Punta_Arenas',
  'America/Montevideo',
  'America/Asuncion',
  'America/Sao_Paulo',
  'America/La_Paz',
  'America/Lima',
  'Indian/Antananarivo', 'Indian/Mauritius', 'Indian/Reunion',
]

/** Whether summer is at the turn of the year where a clock tells this time; not where nothing is known. */
export function isSouthern(timeZone: string | undefined): boolean {
  return timeZone !== undefined && SOUTHERN.some(begins => timeZone.startsWith(begins))
}

/**
 * The climate to begin with where a clock tells this time, until the gardener says another: only the half of the globe can be
 * guessed from it.
 */
export function usualClimate(timeZone: string | undefined, northern: Climate = CLIMATES[1] as Climate): Climate {
  return isSouthern(timeZone) ? CLIMATES.find(({ meanC }) => meanC[0]! > meanC[6]!) ?? northern : northern
}
