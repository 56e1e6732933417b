import type { CalendarDay } from '../core/units';
import type { Show } from './show';

/** What happened to access and to the data as a whole, in a sentence. Facts are names and numbers alone. */
export function eventText(
  kind: string,
  facts: Readonly<Record<string, string | number>>,
  show: Pick<Show, 'dayText' | 'numberText'>,
): string {
  const fact = (name: string): string => String(facts[name] ?? '');
  const records = (): string =>
    `${show.numberText(Number(facts.records ?? 0))} ${Number(facts.records) === 1 ? 'record' : 'records'}`;
  switch (kind) {
    case 'sign-in':
      return `Signed in${facts.device ? `, with ${fact('device')}` : ''}`;
    case 'sign-in-failed':
      return 'A wrong password was typed';
    case 'sign-in-locked':
      return 'Too many wrong passwords: sign-in was held up for a quarter of an hour';
    case 'code-failed':
      return 'A wrong code of the second factor was typed';
    case 'confirmation-failed':
      return 'A wrong password was typed where it was asked again';
    case 'session-ended':
      return 'A sign-in of another browser was ended';
    case 'signed-out-everywhere':
      return 'Signed out everywhere';
    case 'password-changed':
      return 'The password was changed';
    case 'password-link-asked':
      return 'A link for a new password was asked for';
    case 'password-link-used':
      return 'A new password was set by a link';
    case 'second-factor-on':
      return 'The second factor was turned on';
    case 'second-factor-off':
      return 'The second factor was turned off';
    case 'codes-renewed':
      return 'New codes to keep were made';
    case 'recovery-code-used':
      return 'Signed in with one of the codes to keep';
    case 'invited':
      return `${fact('email')} was invited as ${fact('role')}`;
    case 'invitation-withdrawn':
      return 'An invitation was withdrawn';
    case 'joined':
      return `Joined as ${fact('role')}`;
    case 'role-changed':
      return `${fact('member')} is ${fact('role')} now`;
    case 'licence-changed':
      return `The licence of ${fact('member')} was changed`;
    case 'member-removed':
      return `${fact('member')} was taken out`;
    case 'link-made':
      return `A link for others was made, for ${fact('days')} days, on case ${fact('case')}`;
    case 'link-revoked':
      return `A link for others was revoked, on case ${fact('case')}`;
    case 'message-link-shown':
      return `The link of a message to ${fact('to')} was shown`;
    case 'settings-changed':
      return 'The settings were changed';
    case 'exported':
      return `An export was taken, of ${records()}`;
    case 'imported':
      return `An export was read in, of ${records()}`;
    case 'records-pruned':
      return `${records()} of work before ${show.dayText(fact('before') as CalendarDay)} were deleted`;
    case 'workspace-founded':
      return 'The workspace was founded';
    case 'workspace-removed':
      return `The workspace ${fact('name')} was deleted`;
    default:
      return 'Something of another version happened';
  }
}
