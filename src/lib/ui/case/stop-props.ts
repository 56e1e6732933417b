import type { Component } from 'svelte';
import type { ProvenOf } from '../../core/equipment';
import type { FieldError } from './sheet.svelte';

export interface Tool {
  readonly kind: string;
  readonly name: string;
  readonly size: number;
  readonly unit: string;
  readonly calibratedOn: string | null;
  /** What a measure holds when it is full. */
  readonly holds: number | null;
  /** What stays in a tank that cannot be drawn. */
  readonly undrawn: number | null;
  /** From one mark of a tank to the next, where somebody typed it. */
  readonly marks: number | null;
  readonly swathM: number | null;
  /** What it cost, and over how many jobs that is spread. */
  readonly price: number | null;
  readonly lifeJobs: number | null;
  /** What its latest calibrations came to. */
  readonly proven: ProvenOf;
}

/** What every stop's screen is given beside the sheet of its case; each takes what it needs. */
export interface StopProps {
  readonly equipment: readonly Tool[];
  readonly swathM: number | null;
  readonly errors: readonly FieldError[];
  readonly person: string;
  /** The licence that the settings name, or "". */
  readonly licence: string;
  readonly time: string;
  readonly requestKey: string;
  /** Whose tank it goes into; null where there is no other treatment. */
  readonly sharedTank: Component<{ person: string; onchange: (shares: boolean) => void }> | null;
}

/** A job of How much that was kept into a case: what was typed. */
export interface KeptJob {
  readonly id: string;
  readonly fields: Readonly<Record<string, string>>;
  readonly keptBy: string;
}
