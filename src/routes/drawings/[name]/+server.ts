import { error } from '@sveltejs/kit';
import { SIGNS } from '$lib/catalog';
import { insectSvg, signSvg, valueSvg } from '$lib/ui/drawings/art';
import type { RequestHandler } from './$types';

const howIn = ({ searchParams }: URL): 'told' | 'plain' | 'close' =>
  searchParams.get('close') === 'yes' ? 'close' : searchParams.get('plain') === 'yes' ? 'plain' : 'told';

/** Line drawings of animals, signs and their values; the same for everybody. */
export const GET: RequestHandler = ({ params, url }) => {
  const id = /^([a-z-]{1,60})\.svg$/.exec(params.name)?.[1];
  const sign = SIGNS.find((s) => s.id === id);
  const drawing =
    id === undefined ? null : sign ? signSvg(id, sign.name) : (insectSvg(id, howIn(url)) ?? valueSvg(id));
  if (drawing === null) error(404, 'There is no such drawing.');
  return new Response(drawing, {
    headers: { 'content-type': 'image/svg+xml', 'cache-control': 'public, max-age=86400' },
  });
};
