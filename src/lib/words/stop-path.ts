import { isOfTreatment } from '../core/case';
import type { Stop } from '../core/labels';

/** The address of a stop: of the case, or of one of several treatments in it; null for a case of one. */
export const stopPath = (number: number, treatment: number | null, stop: Stop): `/cases/${string}` =>
  treatment !== null && isOfTreatment(stop)
    ? `/cases/${number}/${treatment}/${stop}`
    : `/cases/${number}/${stop}`;
