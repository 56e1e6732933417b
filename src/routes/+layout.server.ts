import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = ({ locals }) => ({
  person: locals.who.person,
  workspace: locals.who.workspace,
  demonstration: locals.who.demonstration,
  clock: locals.around.now.toISOString(),
});
