export { BODY_LENGTH } from './parts';
export { INSECTS, insectSvg } from './insects';
export { SIGN_ART, signSvg } from './signs';
export { VALUE_ART, valueSvg } from './values';
