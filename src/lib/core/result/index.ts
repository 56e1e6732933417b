export { answer, expectAnswer, invalid, isRefused, refusal, refuse } from './result';
export type { Expected, Fact, Refusal, Refused, Result } from './result';
