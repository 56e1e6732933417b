export { efficacy, reductionBand } from './efficacy';
export type { EfficacyBand, EfficacyInput, EfficacyRefusal } from './efficacy';
