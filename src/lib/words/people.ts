/** The roles in a workspace, as people are told of them. */
export const ROLE_WORDS = {
  owner: { name: 'owner', may: 'everything, people and settings too' },
  technician: { name: 'technician', may: 'cases, plans and records, but not people' },
  viewer: { name: 'viewer', may: 'reading, changing nothing' },
} as const;
