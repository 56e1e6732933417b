export { INSECTS, insectSvg } from './insects';
export { SIGN_ART, signSvg } from './signs';
