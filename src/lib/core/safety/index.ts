export {
  cautionKey,
  doseCautions,
  handlingCautions,
  labelCautions,
  nameCautions,
  restGoesOnto,
} from './cautions';
export type { LabelSituation } from './cautions';
export { clauseCautions, CLAUSES } from './clauses';
export type { ClauseSituation, Effect } from './clauses';
export { ASKS, TELLS } from './collect';
export type { Ask, Tell } from './collect';
