/** How far a long work is, as the server tells it. */
export interface JobTold {
  readonly state: 'running' | 'done' | 'refused' | 'failed' | 'stopped';
  readonly doing: string;
  readonly done: number;
  readonly total: number;
}

/** A sentence of how far it is; whole numbers in the manner of the workspace. */
export function progressText({ doing, done, total }: JobTold, number: (n: number) => string): string {
  const far = total > 0 ? `, ${number(Math.min(done, total))} of ${number(total)}` : '';
  switch (doing) {
    case 'pictures':
      return `Photographs and files${far}`;
    case 'writing':
      return `Writing${total > 0 ? ` ${number(total)} cards` : ''}`;
    case 'reading':
      return `Reading${total > 0 ? `, ${number(Math.min(100, Math.round((100 * done) / total)))} %` : ' the file'}`;
    default:
      return 'Beginning';
  }
}

/** The share that is done, from 0 to 1; null where nobody can say. */
export const shareOf = ({ done, total }: JobTold): number | null =>
  total > 0 ? Math.min(1, Math.max(0, done / total)) : null;
