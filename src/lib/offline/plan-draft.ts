import type { Plan } from '../core/plan';

/** A plan that was changed and not yet saved, with what it was built on. */
export interface PlanDraft {
  readonly plan: Plan;
  /** What was last known to be saved, and its revision. */
  readonly base: Plan;
  readonly revision: number;
}

const keyOf = (propertyId: string): string => `nimsy-plan-${propertyId}`;

/** Keeps it in this browser; false where the browser has no room or does not let it. */
export function keepDraft(propertyId: string, draft: PlanDraft): boolean {
  try {
    localStorage.setItem(keyOf(propertyId), JSON.stringify(draft));
    return true;
  } catch {
    return false;
  }
}

/** What was kept, or null; `read` refuses what is no plan. */
export function draftOf(propertyId: string, read: (sent: unknown) => Plan | null): PlanDraft | null {
  try {
    const kept = JSON.parse(localStorage.getItem(keyOf(propertyId)) ?? 'null') as Partial<PlanDraft> | null;
    const [plan, base] = [read(kept?.plan), read(kept?.base)];
    return plan && base && typeof kept?.revision === 'number'
      ? { plan, base, revision: kept.revision }
      : null;
  } catch {
    return null;
  }
}

export function forgetDraft(propertyId: string): void {
  try {
    localStorage.removeItem(keyOf(propertyId));
  } catch {
    // Where nothing can be kept there is nothing to forget.
  }
}
