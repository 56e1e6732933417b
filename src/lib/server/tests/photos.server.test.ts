import sharp from 'sharp';
import { describe, expect, it } from 'vitest';
import { checksumOf } from '../store/whole/file';
import { archiveOf, asAccount, contentOfArchive, filesIn, type Answer, type Visitor } from './visit';

const base = process.env.NIMSY_TEST_URL ?? '';
const CASE = '/cases/6/photos';

/** A picture as a telephone makes it: large, lying on its side, with the place where it was taken. */
async function fromCamera(): Promise<Buffer> {
  return sharp({ create: { width: 2400, height: 1800, channels: 3, background: '#5a7a3a' } })
    .withExif({
      IFD0: { Make: 'Made-up camera' },
      IFD3: {
        GPSLatitudeRef: 'N',
        GPSLatitude: '54/1 30/1 0/1',
        GPSLongitudeRef: 'W',
        GPSLongitude: '3/1 0/1 0/1',
      },
    })
    .withMetadata({ orientation: 6 })
    .jpeg()
    .toBuffer();
}

function add(visitor: Visitor, bytes: Uint8Array, note = 'Under the flap'): Promise<Answer> {
  const form = new FormData();
  form.set('photo', new Blob([new Uint8Array(bytes)], { type: 'image/jpeg' }), 'IMG_1.jpg');
  form.set('note', note);
  return visitor.post(`${CASE}?/add`, form);
}

const idsOn = ({ text }: Answer): string[] => [
  ...new Set([...text.matchAll(/\/photos\/([0-9a-f-]{36})/g)].map((match) => match[1] ?? '')),
];

describe('photographs of a case', () => {
  it('are kept upright and small, without the place where they were taken', async () => {
    const visitor = await asAccount(base, 'owner');
    const taken = await fromCamera();
    expect((await sharp(taken).metadata()).exif?.includes('Made-up camera')).toBe(true);
    expect((await add(visitor, taken)).status).toBe(303);
    const page = await visitor.get(CASE);
    expect(page.text).toContain('Under the flap');
    const response = await fetch(`${base}${CASE}/${idsOn(page).at(-1)}`, {
      headers: { cookie: visitor.cookie },
    });
    expect(response.headers.get('content-type')).toBe('image/jpeg');
    const kept = await sharp(Buffer.from(await response.arrayBuffer())).metadata();
    expect([kept.width, kept.height, kept.exif, kept.xmp, kept.orientation]).toEqual([
      1200,
      1600,
      undefined,
      undefined,
      undefined,
    ]);
  });

  it('are seen by nobody of another workspace, and not removed by them', async () => {
    const owner = await asAccount(base, 'owner');
    await add(owner, await fromCamera(), 'For the firm alone');
    const [id = ''] = idsOn(await owner.get(CASE));
    const other = await asAccount(base, 'householder');
    for (const number of [1, 6]) {
      expect((await other.get(`/cases/${number}/photos/${id}`)).status).toBe(404);
      expect((await other.post(`/cases/${number}/photos?/remove`, { id })).status).toBe(404);
    }
    expect((await (await asAccount(base, 'office')).post(`${CASE}?/remove`, { id })).status).toBe(403);
    expect((await owner.get(`${CASE}/${id}`)).status).toBe(200);
  });

  it('are refused with a reason where they are no pictures, and nothing is kept', async () => {
    const visitor = await asAccount(base, 'technician');
    const before = idsOn(await visitor.get(CASE));
    for (const bytes of [
      new TextEncoder().encode('<svg onload="x">'),
      new Uint8Array([0xff, 0xd8, 0xff, 0xe0]),
    ]) {
      const answer = await add(visitor, bytes);
      expect([answer.status, answer.text.includes('no picture that can be read here')]).toEqual([400, true]);
    }
    expect((await visitor.post(`${CASE}?/add`, new FormData())).text).toContain('Choose a photograph first.');
    expect(idsOn(await visitor.get(CASE))).toEqual(before);
  });

  it('go out with the workspace and come back in the same', async () => {
    const visitor = await asAccount(base, 'owner');
    await add(visitor, await fromCamera(), 'Travels');
    const archive = await archiveOf(visitor);
    const file = await contentOfArchive<{
      checksum: string;
      content: { photos: { note: string; file: string }[] };
    }>(archive);
    const photo = file.content.photos.find(({ note }) => note === 'Travels');
    expect((await filesIn(archive)).get(photo?.file ?? '')?.subarray(0, 3)).toEqual(
      Buffer.from([0xff, 0xd8, 0xff]),
    );
    expect(file.checksum).toBe(checksumOf(file.content));
    const other = await asAccount(base, 'householder');
    await other.post('/account?/found', { workspace: 'Photographs come back' });
    const form = new FormData();
    form.set('file', new Blob([new Uint8Array(archive)]), 'x.nimsy.zip');
    expect((await other.post('/keeping?/import', form)).status).toBe(303);
    const page = await other.get(CASE);
    expect(page.text).toContain('Travels');
    expect((await other.get(`${CASE}/${idsOn(page)[0]}`)).status).toBe(200);
  });
});
