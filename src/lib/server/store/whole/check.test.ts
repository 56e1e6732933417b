import { createHash } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { DEMONSTRATION_LABELS } from '../../../catalog';
import { DEFAULT_SETTINGS } from '../../../forms';
import { readWhole } from './check';
import { checksumOf, pictureName } from './file';

const PLACE = '11111111-1111-4111-8111-111111111111';
const RECORD = '22222222-2222-4222-8222-222222222222';
const record = {
  ...{ id: RECORD, caseNumber: 1, label: { id: 'x', version: 1, name: 'X' }, pest: 'chafer-grub' },
  ...{ doneOn: '2027-09-03', startedAt: '07:00', endedAt: '08:00', product: { value: 40, unit: 'ml' } },
  ...{ finished: null, area: { value: 300, unit: 'm2' }, windKmh: null, tempC: null, lot: null },
  ...{ person: 'R. Hallow', licence: null, note: '', ticked: [], planned: null, corrects: null },
  loggedAt: '2027-09-03T08:00:00.000Z',
};
const good = () => ({
  ...{ name: 'A place', settings: DEFAULT_SETTINGS, customers: [] },
  properties: [
    {
      ...{ id: PLACE, name: 'Bowls Club', address: '', latitude: 54, timeZone: 'UTC', byWater: false },
      ...{ avoidFromDeg: null, avoidToDeg: null, note: '', customerId: null },
    },
  ],
  cases: [
    {
      ...{ number: 1, propertyId: PLACE, title: 'Crows', openedOn: '2027-09-01', closedOn: null },
      ...{ stops: [], history: [], settlements: [] },
    },
  ],
  records: [record],
  labels: [DEMONSTRATION_LABELS[0]],
  ...{ containers: [], equipment: [] },
});
type Content = ReturnType<typeof good> & Record<string, unknown>;
const sealed = (content: unknown, more: object = {}): string =>
  JSON.stringify({
    ...{ format: 'nimsy-workspace', version: 2, exportedAt: '2027-09-15T06:30:00.000Z' },
    ...{ checksum: checksumOf(content), content, ...more },
  });
const changed = (change: (content: Content) => void): string => {
  const content = structuredClone(good()) as Content;
  change(content);
  return sealed(content);
};
const troubleOf = (text: string): string => {
  const read = readWhole(text);
  return 'trouble' in read ? read.trouble.join(' ') : 'it was taken';
};
const first = <T>(list: readonly T[]): T => list[0] as T;

describe('the content of an export', () => {
  it('is taken where it is whole', () => {
    expect(readWhole(sealed(good()))).toMatchObject({ ok: { name: 'A place' } });
  });

  it.each([
    ['not json', /not JSON/],
    [sealed(good()).slice(0, 400), /not JSON/],
    ['{"format":"other"}', /not an export/],
    ['[1,2]', /not an export/],
    ['null', /not an export/],
    [sealed(good(), { version: 99 }), /version 99/],
    [sealed(good()).replace('Bowls Club', 'Bowling Club'), /checksum/],
    [changed((c) => (first(c.properties).latitude = 999)), /content\.properties\[0\]\.latitude/],
    [changed((c) => Object.assign(first(c.properties), { workspaceId: 'x' })), /properties\[0\]/],
    [changed((c) => (first(c.properties).name = '<script>alert(1)</script>')), /properties\[0\]\.name/],
    [changed((c) => (first(c.cases).propertyId = RECORD)), /no such property/],
    [changed((c) => Object.assign(first(c.records), { caseNumber: 4711 })), /no such case/],
    [changed((c) => Object.assign(first(c.records), { corrects: RECORD })), /circle/],
    [changed((c) => c.cases.push(structuredClone(first(c.cases)))), /comes twice/],
    [changed((c) => Object.assign(c, { extra: 1 })), /content/],
    [
      changed((c) => Object.assign(first(c.records).product, { unit: 'smidgen' })),
      /records\[0\]\.product\.unit/,
    ],
    [
      changed((c) =>
        Object.assign(c, {
          containers: [
            { labelId: 'x', lot: 'L', size: 1, unit: 'smidgen', price: null, expiresOn: null, keptIn: '' },
          ],
        }),
      ),
      /containers\[0\]\.unit/,
    ],
    [`${'['.repeat(200_000)}${']'.repeat(200_000)}`, /nested/],
  ])('is refused with what is wrong (%#)', (text, wanted) => {
    expect(troubleOf(text)).toMatch(wanted);
  });

  it(
    'of corrections that run in a circle is refused at each of them, in a time that grows with their number',
    { timeout: 30_000 },
    () => {
      const many = 8_000;
      const id = (n: number): string => `00000000-0000-4000-8000-${String(n).padStart(12, '0')}`;
      const chain = (closed: boolean) =>
        changed((c) =>
          Object.assign(c, {
            records: Array.from({ length: many }, (_, n) => ({
              ...record,
              id: id(n),
              corrects: n > 0 ? id(n - 1) : closed ? id(many - 1) : null,
            })),
          }),
        );
      expect(troubleOf(chain(false))).toBe('it was taken');
      expect(troubleOf(chain(true))).toMatch(/circle/);
    },
  );

  it('of the first version has its pictures taken out, each by its own name', () => {
    const jpeg = Buffer.from([0xff, 0xd8, 0xff, 1, 2, 3]);
    const photo = {
      caseNumber: 1,
      width: 10,
      height: 10,
      note: '',
      addedAt: record.loggedAt,
      addedBy: 'R. Hallow',
    };
    const content = { ...good(), photos: [{ ...photo, jpeg: jpeg.toString('base64') }] };
    const read = readWhole(sealed(content, { version: 1 }));
    const name = pictureName(createHash('sha256').update(jpeg).digest('hex'), 'image/jpeg');
    expect(read).toMatchObject({ ok: { photos: [{ file: name }] } });
    expect('ok' in read && read.pictures.get(name)).toEqual(jpeg);
  });
});
