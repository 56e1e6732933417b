import { error } from '@sveltejs/kit';
import { stringify } from 'csv-stringify/sync';
import { figuresOf, type Layer } from '$lib/core/plan';
import { isRefused } from '$lib/core/result';
import { isId } from '$lib/forms';
import { writeGeoJson } from '$lib/forms/plan';
import { showIn } from '$lib/words';
import { planSvg } from '$lib/words/plan-drawing';
import { findProperty } from '$lib/server/store/properties';
import { planOf, planOn } from '$lib/server/store/plans';
import type { RequestHandler } from './$types';

const file = (body: string, type: string, name: string): Response =>
  new Response(body, {
    headers: { 'content-type': type, 'content-disposition': `attachment; filename="${name}"` },
  });

/** The plan as GeoJSON (`metres=1` for its own metres), CSV of its zones, or an SVG picture of one layer. */
export const GET: RequestHandler = async ({ params, url, locals }) => {
  if (!isId(params.id)) error(404, 'There is no such property.');
  const day = url.searchParams.get('on');
  const found = await locals.inWorkspace(async (tx) => {
    const property = await findProperty(tx, params.id);
    if (!property) return null;
    const plan = day === null ? (await planOf(tx, params.id)).plan : await planOn(tx, params.id, day);
    return plan ? { property, plan } : null;
  });
  if (!found) error(404, 'There is no such plan.');
  const { plan, property } = found;
  switch (url.searchParams.get('as')) {
    case 'geojson': {
      const written = writeGeoJson(plan, url.searchParams.get('metres') === '1' ? 'metres' : 'earth');
      if (isRefused(written))
        error(
          409,
          'This plan has no place on the earth yet. Give it one under “North and place”, or export it in its own metres.',
        );
      return file(`${JSON.stringify(written.ok, null, 1)}\n`, 'application/geo+json', 'plan.geojson');
    }
    case 'csv': {
      const { zones } = figuresOf(plan);
      const rows = plan.zones.map((zone) => {
        const f = zones.get(zone.id);
        const round = (n: number | null | undefined): number | '' =>
          n === null || n === undefined ? '' : Number(n.toFixed(3));
        return [
          ...[zone.name, zone.kind, zone.layer, zone.measured.how, zone.measured.errorPct],
          ...[round(f?.areaM2), round(f?.lowM2), round(f?.highM2), round(f?.grossM2), round(f?.perimeterM)],
          ...[zone.height ?? '', round(f?.wallM2), round(f?.volumeM3), zone.note],
        ];
      });
      const columns = [
        ...['name', 'kind', 'layer', 'measured', 'error_pct', 'area_m2', 'low_m2', 'high_m2', 'outline_m2'],
        ...['perimeter_m', 'height_m', 'walls_m2', 'volume_m3', 'note'],
      ];
      return file(
        stringify(rows, { header: true, columns, escape_formulas: true }),
        'text/csv; charset=utf-8',
        'zones.csv',
      );
    }
    case 'svg': {
      const layer = (url.searchParams.get('layer') ?? 'outside') as Layer;
      const { units, dates, numbers, currency } = locals.around.settings;
      const show = showIn({ units, dates, numbers, currency });
      return file(planSvg(plan, layer, property.name, show), 'image/svg+xml', 'plan.svg');
    }
    default:
      error(400, 'Say as=geojson, as=csv or as=svg.');
  }
};
