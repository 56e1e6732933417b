export { difference, intersection, offset, offsetMitred, stripAlong, trianglesOf, union } from './clip';
export { FURTHEST_M, repaired, type Repair, type RepairRefusal } from './repair';
