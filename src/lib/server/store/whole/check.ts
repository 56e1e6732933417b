import type { z } from 'zod';
import { readStop } from '../../../forms';
import { createHash } from 'node:crypto';
import { depthOf } from '../../session/depth';
import { checksumOf, FILE_FORMAT, FILE_VERSION, fileShape, pictureName, type Content } from './file';

/** Why a file is not taken: one sentence each, with the place in the file. */
export type FileTrouble = readonly string[];

const MOST_TOLD = 12;

/** Reads a file without touching anything: its shape, its checksum, and that everything in it fits together. */
export function readWhole(
  text: string,
): { ok: Content; pictures: ReadonlyMap<string, Buffer> } | { trouble: FileTrouble } {
  if (depthOf(text, DEEPEST) > DEEPEST)
    return { trouble: ['The file is nested far deeper than an export is. Nothing was read.'] };
  let raw: unknown;
  try {
    raw = JSON.parse(text);
  } catch (error) {
    return {
      trouble: [`The file is not JSON: ${placeIn(text, (error as Error).message)}. Export it again.`],
    };
  }
  const head = raw as { format?: unknown; version?: unknown; checksum?: unknown; content?: unknown } | null;
  if (typeof head !== 'object' || head?.format !== FILE_FORMAT)
    return {
      trouble: ['The file is not an export of a Nimsy workspace (format “nimsy-workspace” expected).'],
    };
  if (head.version !== FILE_VERSION && head.version !== FIRST_VERSION)
    return {
      trouble: [
        `The file has version ${String(head.version).slice(0, 20)}; this Nimsy reads version ${FILE_VERSION}. Export it from an installation of the same version.`,
      ],
    };
  if (head.checksum !== checksumOf(head.content))
    return {
      trouble: [
        'The checksum does not fit the content: the file is damaged or was changed. Export it again.',
      ],
    };
  const pictures = new Map<string, Buffer>();
  const present = head.version === FIRST_VERSION ? fromFirst(head, pictures) : raw;
  const file = fileShape.safeParse(present);
  if (!file.success) return { trouble: file.error.issues.slice(0, MOST_TOLD).map(issueText) };
  const trouble = misfits(file.data.content);
  return trouble.length > 0 ? { trouble: trouble.slice(0, MOST_TOLD) } : { ok: file.data.content, pictures };
}

const DEEPEST = 40;
/** The version before there were archives: pictures stood in the content, in base64. */
const FIRST_VERSION = 1;

/** A file of the first version as one of the present: its pictures are taken out of the content. */
function fromFirst(head: object, pictures: Map<string, Buffer>): unknown {
  const content = (head as { content?: unknown }).content;
  if (typeof content !== 'object' || content === null) return head;
  const out = (list: unknown, bytesIn: string): unknown =>
    !Array.isArray(list)
      ? list
      : list.map((row: unknown) => {
          if (typeof row !== 'object' || row === null) return row;
          const { [bytesIn]: text, ...rest } = row as Record<string, unknown>;
          if (typeof text !== 'string') return row;
          const bytes = Buffer.from(text, 'base64');
          const type = rest.type === 'application/pdf' ? 'application/pdf' : 'image/jpeg';
          const name = pictureName(createHash('sha256').update(bytes).digest('hex'), type);
          pictures.set(name, bytes);
          return { ...rest, file: name };
        });
  const old = content as Record<string, unknown>;
  const kept = {
    ...(old.photos === undefined ? {} : { photos: out(old.photos, 'jpeg') }),
    ...(old.planPictures === undefined ? {} : { planPictures: out(old.planPictures, 'jpeg') }),
    ...(old.labelFiles === undefined ? {} : { labelFiles: out(old.labelFiles, 'bytes') }),
  };
  return { ...head, version: FILE_VERSION, content: { ...old, ...kept } };
}

function issueText(issue: z.core.$ZodIssue): string {
  const path = issue.path
    .map((step) => (typeof step === 'number' ? `[${step}]` : `.${String(step)}`))
    .join('');
  return `${path.slice(1) || 'the file'}: ${issue.message}.`;
}

/** The line of the fault, where the reader tells its position. */
function placeIn(text: string, message: string): string {
  const at = /position (\d+)/.exec(message)?.[1];
  if (at === undefined) return 'it ends too early or is empty';
  const line = text.slice(0, Number(at)).split('\n').length;
  return `something is wrong in line ${line}`;
}

/** What the shape alone does not tell: names that lead nowhere, numbers that come twice, answers that cannot be read. */
function misfits(content: Content): string[] {
  const found: string[] = [];
  const twice = (what: string, keys: readonly string[]): void => {
    const seen = new Set<string>();
    for (const key of keys) {
      if (seen.has(key)) found.push(`${what} ${key} comes twice.`);
      seen.add(key);
    }
  };
  const customers = new Set(content.customers.map((c) => c.id));
  const properties = new Set(content.properties.map((p) => p.id));
  const cases = new Set(content.cases.map((c) => c.number));
  const records = new Set(content.records.map((r) => r.id));
  const labels = new Set(content.labels.map((l) => l.id));
  twice('customer', [...content.customers.map((c) => c.id)]);
  twice('property', [...content.properties.map((p) => p.id)]);
  twice('case number', [...content.cases.map((c) => String(c.number))]);
  twice('record', [...content.records.map((r) => r.id)]);
  twice('correction of', [...content.records.flatMap((r) => r.corrects ?? [])]);
  twice('label', [...content.labels.map((l) => `${l.id} version ${l.version}`)]);
  twice('container', [...content.containers.map((c) => `${c.labelId} lot ${c.lot}`)]);
  twice('equipment', [...content.equipment.map((e) => e.name)]);
  for (const [i, property] of content.properties.entries())
    if (property.customerId !== null && !customers.has(property.customerId))
      found.push(`content.properties[${i}].customerId: there is no such customer in the file.`);
  const of = ({ treatment = 1, go = 1 }: { treatment?: number; go?: number }): string =>
    treatment === 1 && go === 1 ? '' : ` of treatment ${treatment}, go ${go}`;
  for (const [i, one] of content.cases.entries()) {
    twice(`in case ${one.number}, treatment`, [...(one.treatments ?? []).map((n) => String(n.number))]);
    if (!properties.has(one.propertyId))
      found.push(`content.cases[${i}].propertyId: there is no such property in the file.`);
    twice(`in case ${one.number}, stop`, [...one.stops.map((s) => `${s.stop}${of(s)}`)]);
    twice(`in case ${one.number}, history of`, [
      ...one.history.map((s) => `${s.stop}${of(s)} ${s.revision}`),
    ]);
    twice(`in case ${one.number}, settlement`, [...one.settlements.map((s) => `${s.key}${of(s)}`)]);
    for (const { stop, body } of one.stops)
      if (readStop(stop, body) === undefined)
        found.push(`content.cases[${i}].stops: the answer of ${stop} cannot be read.`);
  }
  for (const [i, photo] of (content.photos ?? []).entries())
    if (!cases.has(photo.caseNumber))
      found.push(`content.photos[${i}].caseNumber: there is no such case in the file.`);
  const circular = inCircles(content.records);
  for (const [i, record] of content.records.entries()) {
    if (!cases.has(record.caseNumber))
      found.push(`content.records[${i}].caseNumber: there is no such case in the file.`);
    if (record.corrects !== null && !records.has(record.corrects))
      found.push(`content.records[${i}].corrects: there is no such record in the file.`);
    if (circular.has(record.id))
      found.push(`content.records[${i}].corrects: the corrections run in a circle.`);
  }
  for (const [i, container] of content.containers.entries())
    if (!labels.has(container.labelId))
      found.push(`content.containers[${i}].labelId: there is no such label in the file.`);
  const lots = new Set(content.containers.map((c) => `${c.labelId} ${c.lot}`));
  for (const [i, change] of (content.stockChanges ?? []).entries())
    if (!lots.has(`${change.labelId} ${change.lot}`))
      found.push(`content.stockChanges[${i}].lot: there is no such container in the file.`);
  for (const [i, file] of (content.labelFiles ?? []).entries())
    if (!labels.has(file.labelId))
      found.push(`content.labelFiles[${i}].labelId: there is no such label in the file.`);
  const plansOf = new Set<string>();
  for (const [i, { propertyId }] of (content.plans ?? []).entries()) {
    if (!properties.has(propertyId))
      found.push(`content.plans[${i}].propertyId: there is no such property in the file.`);
    if (plansOf.has(propertyId)) found.push(`content.plans[${i}].propertyId: it has a plan already.`);
    plansOf.add(propertyId);
  }
  for (const [i, { propertyId }] of (content.planPictures ?? []).entries())
    if (!properties.has(propertyId))
      found.push(`content.planPictures[${i}].propertyId: there is no such property in the file.`);
  return found;
}

/** Records whose corrections lead back to themselves; each is looked at once, however long the chains are. */
function inCircles(records: Content['records']): ReadonlySet<string> {
  const corrects = new Map(records.map((r) => [r.id, r.corrects]));
  const settled = new Set<string>();
  const circular = new Set<string>();
  for (const { id } of records) {
    const path: string[] = [];
    const onPath = new Set<string>();
    let at: string | null | undefined = id;
    while (at !== null && at !== undefined && !settled.has(at) && !onPath.has(at)) {
      path.push(at);
      onPath.add(at);
      at = corrects.get(at);
    }
    if (at !== null && at !== undefined && (onPath.has(at) || circular.has(at)))
      for (const one of path.slice(Math.max(0, path.indexOf(at)))) circular.add(one);
    for (const one of path) settled.add(one);
  }
  return circular;
}
