import { deflateSync, strFromU8, strToU8 } from 'fflate';
import { Parcel } from './parcel';

/** Fast and nearly as small as the slowest: it is packed once for each change, and opened once for each page. */
const LEVEL = 4;

/** Packs plain data for the page. Apart from the parcel itself: a page only opens them. */
export function parcelOf<T>(content: T): Parcel<T> {
  const json = JSON.stringify(content);
  return new Parcel(
    content,
    btoa(strFromU8(deflateSync(strToU8(json), { level: LEVEL }), true)),
    json.length,
  );
}
