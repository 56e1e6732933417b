export { cautionKey, doseCautions, handlingCautions, labelCautions, nameCautions } from './cautions';
export type { LabelSituation } from './cautions';
