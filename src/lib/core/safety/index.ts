export {
  cautionKey,
  doseCautions,
  handlingCautions,
  labelCautions,
  nameCautions,
  restGoesOnto,
} from './cautions';
export type { LabelSituation } from './cautions';
export { clauseCautions } from './clauses';
export type { ClauseSituation } from './clauses';
export { licenceFor, worksUnder } from './licence-for';
export { ASKS, TELLS } from './collect';
export type { Ask, Tell } from './collect';
export { tickSays, wayOutOf } from './way-out';
export type { WayOut } from './way-out';
export { isAfterDark, NEST_STEPS, nestCautions, type NestStep } from './nest-steps';
