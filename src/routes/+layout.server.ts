import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = ({ locals: { who, person, house, around } }) => ({
  person: (person as typeof person | null)?.name ?? null,
  workspace: (who as typeof who | null)?.workspace ?? null,
  role: (who as typeof who | null)?.role ?? null,
  alone: house.signIn === 'only-me',
  demonstration: house.demonstration,
  clock: around.now.toISOString(),
});
