import { error, redirect } from '@sveltejs/kit';
import { CANDIDATES } from '$lib/catalog';
import { formOf } from '$lib/server/session/bodies';
import { cardVersions, pageOfContainers } from '$lib/server/store/shelf';
import { fieldsOf, isId, numberIn, parseContainer, parseStockChange } from '$lib/forms';
import { pictureFrom } from '$lib/server/outside/pictures';
import { once } from '$lib/server/session/once';
import { readForm, wrongField } from '$lib/server/session/answer';
import {
  addContainer,
  addLabelFile,
  changeStock,
  labelFiles,
  MOST_FILES,
  openContainer,
  removeLabelFile,
  stockChanges,
  type NewLabelFile,
} from '$lib/server/store/stock';
import type { Tx } from '$lib/server/db/client';
import { withRemoved } from '$lib/server/store/removed';
import type { Actions, PageServerLoad } from './$types';

/** A card, in its newest version or in the one that a record was made under. */
export const load: PageServerLoad = async ({ locals, params, url }) => {
  const from = numberIn(url.searchParams.get('from') ?? undefined) ?? 0;
  const { currency } = locals.around.settings;
  const { versions, held, files, changes } = await locals.kept(
    `label ${params.label} ${from}`,
    async (tx) => ({
      versions: await cardVersions(tx, params.label),
      held: await pageOfContainers(tx, params.label, { from, most: A_PAGE, currency }),
      files: await labelFiles(tx, params.label),
      changes: await stockChanges(tx, params.label),
    }),
  );
  const wanted = Number(url.searchParams.get('version') ?? versions[0]?.version);
  const card = versions.find((v) => v.version === wanted);
  if (!card)
    error(
      404,
      versions.length > 0
        ? 'There is no such version of this label.'
        : 'There is no such label on the shelf.',
    );
  const pests = new Map(CANDIDATES.map((c) => [c.id, c]));
  const told = new Set(card.uses.flatMap((use) => use.targets.map((t) => t.pest)));
  return {
    card,
    newest: versions[0]?.version ?? 1,
    versions: versions.map((v) => v.version),
    containers: held.rows,
    nextContainers: held.next,
    pests: Object.fromEntries(
      [...told].map((id) => [
        id,
        {
          name: pests.get(id)?.name ?? id,
          stages: Object.fromEntries((pests.get(id)?.stages ?? []).map((s) => [s.id, s.name])),
        },
      ]),
    ),
    files,
    changes: changes.map(({ id, lot, amount, reason, note, at, by }) => ({
      ...{ id, lot, amount, reason, note, by },
      at: at.toISOString(),
    })),
    today: locals.around.today,
  };
};

/** Containers that stand together, each with its own forms. */
const A_PAGE = 5;
const LARGEST_PDF = 12_000_000;
const LARGEST_PICTURE = 30_000_000;

async function mustHave(tx: Tx, label: string): Promise<void> {
  if ((await cardVersions(tx, label)).length === 0) error(404, 'There is no such label on the shelf.');
}

/** A file as it is kept: a picture drawn anew, or a PDF as it is; or what is wrong with it. */
async function fileFrom(file: File): Promise<Pick<NewLabelFile, 'type' | 'bytes'> | string> {
  if (file.size > LARGEST_PICTURE) return 'That file is larger than 30 MB. Take a smaller one.';
  const bytes = Buffer.from(await file.arrayBuffer());
  if (bytes.subarray(0, 5).toString('latin1') === '%PDF-')
    return bytes.length > LARGEST_PDF
      ? 'That PDF is larger than 12 MB. Take a smaller one, or a photograph.'
      : { type: 'application/pdf', bytes };
  const picture = await pictureFrom(bytes);
  return picture
    ? { type: 'image/jpeg', bytes: picture.jpeg }
    : 'That file is neither a PDF nor a picture that can be read here. Take PDF, JPEG, PNG, WebP or AVIF.';
}

export const actions: Actions = {
  container: async ({ request, locals, params }) => {
    const parsed = await readForm(request, parseContainer);
    if (!parsed.valid) return parsed.answer;
    const added = await locals.inWorkspace(async (tx) => {
      await mustHave(tx, params.label);
      return once(tx, parsed.fields, `container ${params.label}`, () =>
        addContainer(tx, params.label, { ...parsed.data, currency: locals.around.settings.currency }),
      );
    });
    if (!added) return wrongField(409, 'lot', 'A container of that lot is here already.', parsed.fields);
    redirect(303, `/shelf/${params.label}`);
  },

  change: async ({ request, locals, params }) => {
    const parsed = await readForm(request, parseStockChange);
    if (!parsed.valid) return parsed.answer;
    const done = await locals.inWorkspace((tx) =>
      once(
        tx,
        parsed.fields,
        `stock ${params.label}`,
        () =>
          changeStock(tx, params.label, parsed.data, { by: locals.who.person.name, now: locals.around.now }),
        (answer) => answer === 'changed',
      ),
    );
    if (done === null) error(404, 'There is no such container on the shelf.');
    if (done !== 'changed')
      return wrongField(
        400,
        'amount',
        `No more than ${Number(done.left.value.toPrecision(4))} is left in it. Write what went away, or what is left as “counted”.`,
        parsed.fields,
      );
    redirect(303, `/shelf/${params.label}`);
  },

  open: async ({ request, locals, params }) => {
    const lot = fieldsOf(await formOf(request)).get('lot') ?? '';
    const day = locals.around.today;
    if (!(await locals.inWorkspace((tx) => openContainer(tx, params.label, lot, day))))
      error(404, 'There is no such container on the shelf.');
    redirect(303, `/shelf/${params.label}`);
  },

  file: async ({ request, locals, params }) => {
    const form = await formOf(request);
    const file = form.get('file');
    const kind = form.get('kind') === 'safety-sheet' ? 'safety-sheet' : 'label';
    if (!(file instanceof File) || file.size === 0) return wrongField(400, 'file', 'Choose a file first.');
    await locals.inWorkspace((tx) => mustHave(tx, params.label));
    const kept = await fileFrom(file);
    if (typeof kept === 'string') return wrongField(400, 'file', kept);
    const added = await locals.inWorkspace((tx) =>
      addLabelFile(tx, params.label, {
        ...kept,
        kind,
        name: file.name.replace(/[^\w .,()-]/g, '_').slice(0, 80) || 'file',
        addedBy: locals.who.person.name,
        addedAt: locals.around.now,
      }),
    );
    if (!added)
      return wrongField(409, 'file', `This card has ${MOST_FILES} files already. Remove one first.`);
    redirect(303, `/shelf/${params.label}`);
  },

  remove: async ({ request, locals, params }) => {
    const id = String((await formOf(request)).get('id') ?? '');
    const gone = isId(id) ? await locals.inWorkspace((tx) => removeLabelFile(tx, params.label, id)) : null;
    if (gone === null) error(404, 'That file is not of this card.');
    redirect(303, withRemoved(`/shelf/${params.label}`, 'label-file', gone));
  },
};
