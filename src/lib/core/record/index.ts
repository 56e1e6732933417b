export { applicationsOf, leftOf } from './ledger';
export { standing } from './record';
export type { ApplicationRecord } from './record';
