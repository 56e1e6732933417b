import { createReadStream } from 'node:fs';
import { readFile, stat } from 'node:fs/promises';
import { basename } from 'node:path';
import { Readable } from 'node:stream';
import type { ReadableStream as NodeStream } from 'node:stream/web';
import { eq, sql } from 'drizzle-orm';
import {
  connect,
  readWorkspace,
  rowsOf,
  takeTime,
  withWorkspace,
  type Connection,
  type Tx,
} from '../db/client';
import { exports as exportsTable, workspaces } from '../db/schema';
import { noteHere } from '../session/events';
import { addLabels, loadShelf } from '../store/shelf';
import { readCards } from '../store/shelf-files/cards';
import { readStock, WrongFile } from '../store/shelf-files/stock';
import { openArchive, WrongArchive, writeArchive } from '../store/whole/archive';
import { readWhole } from '../store/whole/check';
import { checksumOf, FILE_FORMAT, FILE_VERSION, lastRecordHash } from '../store/whole/file';
import { importWhole, WrongPicture } from '../store/whole/import';
import { contentOf, pictureBytes } from '../store/whole/write';
import type { JobOrder, JobWord } from './kinds';

/** A whole workspace with thousands of pictures takes minutes; no statement of it takes longer. */
const MOST_S = 900;

type Say = (word: JobWord) => void;
type Outcome = Exclude<JobWord, { doing: string }>;
const refused = (trouble: readonly string[]): Outcome => ({ state: 'refused', trouble });

/** Does one job on a connection of its own; what is refused leaves nothing behind. */
export async function doJob(order: JobOrder, say: Say): Promise<Outcome> {
  const connection = connect(order.databaseUrl, 2);
  try {
    return await WORK[order.kind](order, say, connection);
  } finally {
    await connection.close();
  }
}

type Work = (order: JobOrder, say: Say, connection: Connection) => Promise<Outcome>;

const acting = ({ personId, from }: JobOrder) => ({ personId, from });

const cards: Work = async (order, say, { db }) => {
  say({ doing: 'reading', done: 0, total: 0 });
  const read = readCards(await readFile(order.path, 'utf8'));
  if ('trouble' in read) return refused(read.trouble);
  say({ doing: 'writing', done: 0, total: read.ok.length });
  const versions = await withWorkspace(
    db,
    order.workspaceId,
    async (tx) => {
      await takeTime(tx, MOST_S);
      return addLabels(tx, read.ok);
    },
    acting(order),
  );
  const added = versions.filter((version) => version > 0).length;
  return { state: 'done', result: { added, same: versions.length - added } };
};

const stock: Work = async (order, say, { db }) => {
  const { size } = await stat(order.path);
  const file = Readable.toWeb(createReadStream(order.path)) as unknown as ReadableStream<Uint8Array>;
  let done = 0;
  const counted = file.pipeThrough(
    new TransformStream<Uint8Array, Uint8Array>({
      transform(piece, into) {
        done += piece.length;
        say({ doing: 'reading', done: Math.round(done / 1000), total: Math.round(size / 1000) });
        into.enqueue(piece);
      },
    }) as unknown as NodeStream & ReadableWritablePair<Uint8Array, Uint8Array>,
  );
  try {
    const by = { by: order.person, now: new Date(order.now) };
    const containers = await withWorkspace(
      db,
      order.workspaceId,
      async (tx) => {
        await takeTime(tx, MOST_S);
        return readStock(tx, counted, await loadShelf(tx), by);
      },
      acting(order),
    );
    return { state: 'done', result: { containers } };
  } catch (error) {
    if (error instanceof WrongFile) return refused(error.trouble);
    throw error;
  }
};

const whole: Work = async (order, say, { db }) => {
  say({ doing: 'reading', done: 0, total: 0 });
  let close = () => undefined as void;
  try {
    const archive = await openArchive(order.path);
    close = archive.close;
    const read = readWhole(archive.content);
    if ('trouble' in read) return refused(read.trouble);
    const { ok: content, pictures } = read;
    const pictureOf = async (name: string) => pictures.get(name) ?? archive.pictureOf(name);
    const trouble = await withWorkspace(
      db,
      order.workspaceId,
      async (tx) => {
        await takeTime(tx, MOST_S);
        const stands = await importWhole(tx, content, pictureOf, (done, total) =>
          say({ doing: 'pictures', done, total }),
        );
        if (stands === null)
          await noteHere(tx, 'imported', acting(order), { records: content.records.length });
        return stands;
      },
      acting(order),
    );
    return trouble ? refused(trouble) : { state: 'done', result: { records: content.records.length } };
  } catch (error) {
    if (error instanceof WrongArchive) return refused([error.message]);
    if (error instanceof WrongPicture)
      return refused([
        `The picture ${error.file} is missing, or is another than the content says. Export it again.`,
      ]);
    throw error;
  } finally {
    close();
  }
};

/** The archive of one moment: everything is read in one transaction, and noted once the whole file stands. */
const archive: Work = async (order, say, { db }) => {
  say({ doing: 'reading', done: 0, total: 0 });
  const made = await readWorkspace(db, order.workspaceId, async (tx) => {
    await takeTime(tx, MOST_S);
    const { content, pictures } = await contentOf(tx);
    const [row] = await rowsOf<{ state: string }>(tx, sql`select workspace_state() as state`);
    const checksum = checksumOf(content);
    const file = {
      ...{ format: FILE_FORMAT, version: FILE_VERSION },
      ...{ exportedAt: new Date(order.now).toISOString(), checksum, content },
    };
    const names = [...pictures.keys()].sort();
    let done = 0;
    await writeArchive(order.path, `${JSON.stringify(file, null, 1)}\n`, names, async (name) => {
      say({ doing: 'pictures', done: done++, total: names.length });
      return pictureBytes(tx, pictures.get(name) as never);
    });
    return { checksum, state: row?.state ?? '', lastRecordHash: lastRecordHash(content), content };
  });
  await withWorkspace(db, order.workspaceId, (tx) => note(tx, order, made), acting(order));
  const { size } = await stat(order.path);
  return {
    state: 'done',
    result: {
      ...{ bytes: size, file: basename(order.path) },
      ...{ records: made.content.records.length, checksum: made.checksum },
    },
  };
};

async function note(
  tx: Tx,
  order: JobOrder,
  made: { checksum: string; state: string; lastRecordHash: string; content: { records: readonly unknown[] } },
): Promise<void> {
  const [place] = await tx
    .select({ id: workspaces.id })
    .from(workspaces)
    .where(eq(workspaces.id, order.workspaceId));
  if (!place) throw new Error('the workspace is gone');
  await tx.insert(exportsTable).values({
    ...{ workspaceId: order.workspaceId, checksum: made.checksum, by: order.person },
    ...{ state: made.state, lastRecordHash: made.lastRecordHash },
  });
  await noteHere(tx, 'exported', acting(order), { records: made.content.records.length });
}

const WORK: Record<JobOrder['kind'], Work> = { cards, stock, import: whole, export: archive };
