import { createWriteStream } from 'node:fs';
import { rm } from 'node:fs/promises';
import { Readable } from 'node:stream';
import type { ReadableStream as NodeStream } from 'node:stream/web';
import { pipeline } from 'node:stream/promises';
import busboy from 'busboy';
import { newFile } from './start';

/** A file that was sent, on the disk; empty where nobody chose one. */
export interface Received {
  readonly path: string;
  readonly size: number;
}

/**
 * Takes the file of one field as it comes in and writes it to the disk, never all of it into the memory. Null where what
 * was sent is no form, or is cut off.
 */
export async function receiveFile(request: Request, field: string): Promise<Received | null> {
  const type = request.headers.get('content-type') ?? '';
  if (!request.body || !type.startsWith('multipart/form-data')) return null;
  const path = newFile();
  let size = 0;
  let writing: Promise<void> | null = null;
  try {
    const form = busboy({
      headers: { 'content-type': type },
      limits: { files: 1, fields: 20, fieldSize: 4000, parts: 25 },
    });
    form.on('file', (name, stream) => {
      if (name !== field) return void stream.resume();
      stream.on('data', (piece: Buffer) => (size += piece.length));
      writing = pipeline(stream, createWriteStream(path, { mode: 0o600 }));
      writing.catch(() => undefined);
    });
    await pipeline(Readable.fromWeb(request.body as unknown as NodeStream), form);
    if (writing) await writing;
    return { path, size };
  } catch {
    await rm(path, { force: true });
    return null;
  }
}
