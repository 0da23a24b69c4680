import { format } from 'date-fns'
import { remember, remembered } from '~/storage/remembered'
import type { RoundTask } from '#core/garden/round'

const KEY = 'wastrum.reminders'
const SAID = 'wastrum.reminded'
/** Nobody wants to hear of compost at night. */
const HOURS = { from: 7, to: 21 }

const wanted = ref(remembered(KEY) === 'on')

/** Reminders by the browser, where it allows them and as long as the page is open somewhere. Each day once. */
export function useReminders() {
  const { now } = useGarden()
  const possible = typeof Notification !== 'undefined'
  const denied = ref(possible && Notification.permission === 'denied')

  async function toggle(): Promise<void> {
    if (wanted.value) wanted.value = false
    else {
      const answer = await Notification.requestPermission()
      denied.value = answer === 'denied'
      wanted.value = answer === 'granted'
    }
    remember(KEY, wanted.value ? 'on' : undefined)
  }

  /** Says once a day what is due, if that is wanted. */
  async function say(due: readonly RoundTask[]): Promise<void> {
    const today = format(now.value, 'yyyy-MM-dd')
    const hour = now.value.getHours()
    if (
      !wanted.value
      || !possible
      || Notification.permission !== 'granted'
      || due.length === 0
      || hour < HOURS.from
      || hour >= HOURS.to
      || remembered(SAID) === today
    )
      return
    remember(SAID, today)
    const title = due.length === 1 ? due[0]!.title : `${due.length} things on today's round`
    const options = { body: due.slice(0, 4).map(task => task.title).join(', '), tag: 'wastrum-round', icon: '/icon-192.png' }
    const worker = await navigator.serviceWorker?.getRegistration()
    try {
      if (worker?.active) await worker.showNotification(title, options)
      else new Notification(title, options)
    }
    catch {
      // Some browsers show notes only through a worker that has started: the next minute tries again.
      remember(SAID, undefined)
    }
  }

  return { possible, wanted: readonly(wanted), denied, toggle, say }
}
