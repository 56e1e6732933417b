import type { Transport } from '@sveltejs/kit';
import { Parcel } from '$lib/wire/parcel';

export const transport: Transport = {
  Parcel: {
    encode: (value) => value instanceof Parcel && value.text,
    decode: (text: string) => new Parcel(text),
  },
};
