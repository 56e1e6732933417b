import { randomUUID } from 'node:crypto';
import type { Manner } from '$lib/words';
import type { LayoutServerLoad } from './$types';

/** What every page needs to write numbers and days. */
const mannerOf = ({ units, dates, numbers, currency }: Manner): Manner => ({
  units,
  dates,
  numbers,
  currency,
});

export const load: LayoutServerLoad = ({ locals: { who, person, house, around } }) => ({
  person: (person as typeof person | null)?.name ?? null,
  workspace: (who as typeof who | null)?.workspace ?? null,
  role: (who as typeof who | null)?.role ?? null,
  alone: house.signIn === 'only-me',
  manner: mannerOf(around.settings),
  demonstration: house.demonstration,
  today: around.today,
  zone: around.zone,
  /** By this a form that is sent twice is known. */
  sendKey: randomUUID(),
});
