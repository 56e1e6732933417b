import { error } from '@sveltejs/kit';
import { CANDIDATES, FIELD_TESTS, GUIDE, SIGNS } from '$lib/catalog';
import { stageInMonth, type Candidate, type Hemisphere } from '$lib/core/identify';
import { BODY_LENGTH, INSECTS } from '$lib/ui/drawings/art';
import type { PageServerLoad } from './$types';

const LIKELY = 0.3;

export const load: PageServerLoad = ({ params, url, locals }) => {
  const candidate = CANDIDATES.find((c) => c.id === params.id);
  const guide = GUIDE.get(params.id);
  if (!candidate || !guide) error(404, 'The field guide has no such entry.');
  const hemisphere: Hemisphere = url.searchParams.get('hemisphere') === 'south' ? 'south' : 'north';
  const month = locals.around.now.getUTCMonth() + 1;
  const beside = CANDIDATES.find((c) => c.id === (url.searchParams.get('beside') ?? guide.lookAlikes[0]?.id));
  return {
    candidate,
    guide,
    hemisphere,
    month,
    signs: signsOf(candidate),
    test: FIELD_TESTS.find((t) => t.id === candidate.threshold?.test) ?? null,
    drawings: drawingsOf(candidate),
    names: Object.fromEntries(CANDIDATES.map((c) => [c.id, c.name])),
    beside: beside
      ? {
          candidate: beside,
          signs: signsOf(beside),
          drawings: drawingsOf(beside),
          stage: stageInMonth(beside, month, hemisphere),
        }
      : null,
    stage: stageInMonth(candidate, month, hemisphere),
  };
};

/** What it shows, likeliest first. */
function signsOf(candidate: Candidate) {
  return Object.entries(candidate.signs)
    .flatMap(([id, given]) => {
      const sign = SIGNS.find((s) => s.id === id);
      if (!sign) return [];
      if (typeof given === 'number')
        return [{ id, name: sign.name, how: sign.how, p: given, drawn: sign.drawn }];
      return (sign.values ?? []).map((value) => ({
        id: `${id}-${value.id}`,
        name: `${sign.name}: ${value.name}`,
        how: sign.how,
        p: given[value.id] ?? 0,
        drawn: false,
      }));
    })
    .filter((sign) => sign.p >= LIKELY)
    .sort((a, b) => b.p - a.p);
}

function drawingsOf(candidate: Candidate) {
  return [candidate.id, ...candidate.stages.map((s) => `${candidate.id}-${s.id}`)].flatMap((id) => {
    const drawing = INSECTS[id];
    return drawing
      ? [{ id, title: drawing.title, lengthMm: drawing.lengthMm, span: drawing.span ?? BODY_LENGTH }]
      : [];
  });
}
