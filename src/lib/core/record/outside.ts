/** In what a piece of work lay outside its label or its plan; told before it is logged, kept with it, shown after. */
export const OUTSIDE = [
  ...(['above-most', 'below-least', 'unlike-plan', 'too-windy', 'too-cold', 'too-hot'] as const),
  ...(['lot-short', 'lot-unknown', 'lot-over', 'too-soon', 'halt-open', 'care-open', 'no-licence'] as const),
  ...(['licence-unproven'] as const),
] as const;
export type OutsideCode = (typeof OUTSIDE)[number];

export interface Outside {
  readonly code: OutsideCode;
  readonly facts: Readonly<Record<string, string | number>>;
}
