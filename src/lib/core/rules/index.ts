export { ownThreshold, ruleCautions, underRules } from './rules';
export type { LocalRule, OwnThreshold } from './rules';
