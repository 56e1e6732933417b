import type { Role } from './who';

/** Pages that need nobody to be signed in. */
const OPEN: ReadonlySet<string> = new Set([
  '/welcome',
  '/sign-in',
  '/sign-in/code',
  '/forgot',
  '/reset/[token]',
  '/join/[token]',
  '/s/[token]',
  '/healthz',
  '/trust',
  '/trust/ca.crt',
]);
/** Pages of a person, in whatever workspace or none. */
const OWN: ReadonlySet<string> = new Set(['/account', '/account/second-factor', '/confirm', '/sign-out']);
/** Pages that only owners open. */
const OWNERS: ReadonlySet<string> = new Set([
  '/people',
  '/outbox',
  '/events',
  '/keeping',
  '/keeping/export',
  '/keeping/export/[job]',
]);
/** Forms that are of use only to whoever may send them. */
const FORMS: ReadonlySet<string> = new Set([
  '/cases/new',
  '/properties/new',
  '/shelf/new',
  '/shelf/import',
  '/shelf/[label]/edit',
]);
/** Pages that everybody reads and only owners change. */
const OWNERS_CHANGE: ReadonlySet<string> = new Set(['/settings']);

export type Access = 'open' | 'own' | Role;

/**
 * What a request to a route needs. Whatever is not listed is a workspace's page: anybody of it reads, technicians and
 * owners change.
 */
export function accessTo(route: string, changes: boolean): Access {
  if (OPEN.has(route)) return 'open';
  if (OWN.has(route)) return 'own';
  if (OWNERS.has(route)) return 'owner';
  if (OWNERS_CHANGE.has(route) && changes) return 'owner';
  return changes || FORMS.has(route) ? 'technician' : 'viewer';
}

const RANK: Record<Role, number> = { viewer: 0, technician: 1, owner: 2 };

export const mayAs = (role: Role, needed: Role): boolean => RANK[role] >= RANK[needed];
