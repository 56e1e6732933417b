import { CANDIDATES, PEST_GROUPS } from '$lib/catalog';
import type { PestName } from '$lib/ui/shelf/pest-name';

/** What a label can be for: animals that are treated, also those that only a firm treats. */
export const pestNames = (): PestName[] =>
  CANDIDATES.filter((c) => c.kind === 'insect' && c.status !== 'protected' && c.status !== 'useful')
    .map(({ id, name, stages }) => ({ id, name, stages: stages.map((s) => ({ id: s.id, name: s.name })) }))
    .sort((a, b) => a.name.localeCompare(b.name, 'en'));

/** Groups, so that a label that says "white grubs" is copied in one go. */
export const pestGroups = (): typeof PEST_GROUPS => PEST_GROUPS;
