import type { Licence } from '../../core/premises';
import type { CalendarDay } from '../../core/units';
import type { Role } from '../session/who';

export interface ReadyAccount {
  readonly key: string;
  readonly name: string;
  readonly email: string;
  readonly workspace: 'home' | 'firm';
  readonly role: Role;
  readonly what: string;
}

/** The made-up people of the demonstration, who sign in by one click. They exist in no other installation. */
export const READY_ACCOUNTS: readonly ReadyAccount[] = [
  {
    key: 'householder',
    name: 'M. Finch',
    email: 'm.finch@ostermere.example',
    workspace: 'home',
    role: 'owner',
    what: 'Householder: one garden, one shelf, owner of it all',
  },
  {
    key: 'owner',
    name: 'R. Hallow',
    email: 'r.hallow@ostermere.example',
    workspace: 'firm',
    role: 'owner',
    what: 'Owner of the firm: everything, people and settings too',
  },
  {
    key: 'technician',
    name: 'T. Marsh',
    email: 't.marsh@ostermere.example',
    workspace: 'firm',
    role: 'technician',
    what: 'Technician: cases, mixes and records',
  },
  {
    key: 'office',
    name: 'O. Pell',
    email: 'o.pell@ostermere.example',
    workspace: 'firm',
    role: 'viewer',
    what: 'Office: reads everything, changes nothing',
  },
];

/** Licences of the demonstration's people, made up like them; the office and the householder hold none. */
export const READY_LICENCES: Readonly<Record<string, Licence>> = {
  'r.hallow@ostermere.example': {
    ...{ category: 'Turf, buildings and public health', covers: ['turf', 'household', 'health'] },
    ...{ number: 'OST-3317', by: 'Ostermere district' },
    until: '2028-03-31' as CalendarDay,
  },
  't.marsh@ostermere.example': {
    ...{ category: 'Turf', covers: ['turf'], number: 'OST-4102', by: 'Ostermere district' },
    until: '2027-11-30' as CalendarDay,
  },
};
