export { day, flag, list, mapOf, number, optional, quantityShape, rateShape, read, unit } from './shape';
