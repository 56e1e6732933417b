export { difference, intersection, offset, offsetMitred, stripAlong, trianglesOf, union } from './clip';
export { FURTHEST_M, repaired, type Repair, type RepairRefusal } from './repair';
export { groundOf, trimPass, type GroundRefusal, type TrimPass } from './trim';
