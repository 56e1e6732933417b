import { createHash } from 'node:crypto';
import { createWriteStream } from 'node:fs';
import { open } from 'node:fs/promises';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import yauzl from 'yauzl';
import yazl from 'yazl';
import { PICTURE_NAME } from './file';

/** The content within the archive. */
const CONTENT = 'workspace.json';
/** An archive with more entries, a longer content or a larger picture is none of ours. */
const MOST_ENTRIES = 250_000;
const MOST_CONTENT = 400_000_000;
const MOST_PICTURE = 16_000_000;

/**
 * Writes an archive: the content, and every picture as a file of its own. Only one picture at a time is in memory.
 *
 * @param pictures names in the archive; `bytesOf` is asked for each when its turn has come
 */
export async function writeArchive(
  path: string,
  content: string,
  pictures: readonly string[],
  bytesOf: (name: string) => Promise<Buffer>,
): Promise<void> {
  const zip = new yazl.ZipFile();
  // One moment for all entries: the same state gives the same archive.
  const mtime = new Date('2000-01-01T00:00:00Z');
  zip.addReadStreamLazy(CONTENT, { mtime }, (give) => give(null, Readable.from(inPieces(content))));
  for (const name of pictures)
    // JPEG and PDF are as small as they get.
    zip.addReadStreamLazy(name, { mtime, compress: false }, (give) => {
      bytesOf(name).then(
        (bytes) => give(null, Readable.from([bytes])),
        (reason: unknown) => zip.emit('error', reason),
      );
    });
  zip.end();
  const failed = new Promise<never>((_, fail) => zip.once('error', fail));
  await Promise.race([pipeline(zip.outputStream, createWriteStream(path, { mode: 0o600 })), failed]);
}

const PIECE = 1 << 20;
function* inPieces(text: string): Generator<Buffer> {
  for (let at = 0; at < text.length; at += PIECE) yield Buffer.from(text.slice(at, at + PIECE));
}

export interface OpenArchive {
  readonly content: string;
  /** The bytes of a picture, or null where it is not there or is not what its name says. */
  readonly pictureOf: (name: string) => Promise<Buffer | null>;
  readonly close: () => void;
}

/** Why a file is no archive of ours. */
export class WrongArchive extends Error {}

/** Opens an archive; a file that is JSON by itself counts as content without pictures. */
export async function openArchive(path: string): Promise<OpenArchive> {
  if (!(await isZip(path))) {
    const text = await readText(path);
    return { content: text, pictureOf: () => Promise.resolve(null), close: () => undefined };
  }
  const zip = await yauzl.openPromise(path, { lazyEntries: true, autoClose: false }).catch(() => {
    throw new WrongArchive('The archive is damaged or incomplete. Export it again.');
  });
  try {
    const entries = new Map<string, yauzl.Entry>();
    for await (const entry of zip.eachEntry()) {
      if (entries.size >= MOST_ENTRIES)
        throw new WrongArchive(`The archive holds more than ${MOST_ENTRIES} files. Nothing was read.`);
      if (entry.fileName === CONTENT || PICTURE_NAME.test(entry.fileName)) entries.set(entry.fileName, entry);
    }
    const read = async (name: string, most: number): Promise<Buffer | null> => {
      const entry = entries.get(name);
      if (!entry || entry.uncompressedSize > most) return null;
      const pieces: Buffer[] = [];
      let size = 0;
      for await (const piece of await zip.openReadStreamPromise(entry)) {
        size += (piece as Buffer).length;
        // What an archive says of its sizes need not be true.
        if (size > most) return null;
        pieces.push(piece as Buffer);
      }
      return Buffer.concat(pieces);
    };
    const content = await read(CONTENT, MOST_CONTENT);
    if (!content)
      throw new WrongArchive(`The archive holds no “${CONTENT}”. Choose an export of a workspace.`);
    return {
      content: content.toString('utf8'),
      pictureOf: async (name) => {
        const bytes = await read(name, MOST_PICTURE).catch(() => null);
        const wanted = PICTURE_NAME.exec(name)?.[1];
        return bytes && createHash('sha256').update(bytes).digest('hex') === wanted ? bytes : null;
      },
      close: () => zip.close(),
    };
  } catch (reason) {
    zip.close();
    if (reason instanceof WrongArchive) throw reason;
    throw new WrongArchive('The archive is damaged or incomplete. Export it again.');
  }
}

async function isZip(path: string): Promise<boolean> {
  const file = await open(path);
  try {
    const { buffer, bytesRead } = await file.read(Buffer.alloc(4), 0, 4, 0);
    return bytesRead === 4 && buffer.readUInt32LE(0) === 0x04034b50;
  } finally {
    await file.close();
  }
}

async function readText(path: string): Promise<string> {
  const file = await open(path);
  try {
    const { size } = await file.stat();
    if (size > MOST_CONTENT)
      throw new WrongArchive(
        `A file that is no archive has at most ${MOST_CONTENT / 1e6} MB. Nothing was read.`,
      );
    return await file.readFile('utf8');
  } finally {
    await file.close();
  }
}
