/** Long work that a process of its own does. */
export type JobKind = 'cards' | 'stock' | 'import' | 'export';
export type JobState = 'running' | 'done' | 'refused' | 'failed' | 'stopped';

/** What a worker is handed. */
export interface JobOrder {
  readonly id: string;
  readonly kind: JobKind;
  readonly databaseUrl: string;
  readonly workspaceId: string;
  readonly personId: string;
  readonly person: string;
  readonly from: string;
  /** The file that is read, or that is to be written. */
  readonly path: string;
  /** The present of the installation, in milliseconds since 1970. */
  readonly now: number;
  readonly currency: string;
}

/** What a worker says on its way. */
export type JobWord =
  | { readonly doing: string; readonly done: number; readonly total: number }
  | { readonly state: 'done'; readonly result: Readonly<Record<string, string | number>> }
  | { readonly state: 'refused'; readonly trouble: readonly string[] };
