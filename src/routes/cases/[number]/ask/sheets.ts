import { error } from '@sveltejs/kit';
import { GUIDE } from '$lib/catalog';
import { assess } from '$lib/core/case';
import { numberIn } from '$lib/forms';
import { loadCase } from '$lib/server/store/cases';
import { listPhotos } from '$lib/server/store/photos';
import { expertSheet, showIn, sightingReport, toBeReported, type Sheet } from '$lib/words';

/** The sheets of a case: one for an expert, and one for the authority where something is to be reported. */
export async function sheetsOf(
  wanted: string,
  locals: App.Locals,
): Promise<{
  number: number;
  expert: Sheet;
  report: Sheet | null;
  call: string;
  photos: { id: string; note: string }[];
}> {
  const number = numberIn(wanted);
  const found =
    number === null ? null : await locals.inWorkspace((tx) => loadCase(tx, number, locals.around));
  if (!found) error(404, 'There is no such case.');
  const { facts } = found.loaded;
  const photos = await locals.inWorkspace((tx) => listPhotos(tx, found.loaded.id));
  const view = assess(facts);
  const show = showIn(locals.around.settings);
  const suspect = toBeReported(facts, view);
  return {
    number: facts.number,
    expert: expertSheet(facts, view, show),
    report: suspect ? sightingReport(facts, view, suspect, show) : null,
    photos: photos.map(({ id, note }) => ({ id, note })),
    call: suspect ? (GUIDE.get(suspect.id)?.call ?? '') : '',
  };
}
