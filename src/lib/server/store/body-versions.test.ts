import { describe, expect, it } from 'vitest';
import { bodyNow, versionNow, type BodyKind } from './body-versions';
import { recordFromRow } from './rows';
import { planFromOrNull } from './plans';
import { EMPTY_PLAN } from '../../core/plan';

describe('a body that is kept with the version of its shape', () => {
  it('is read as it is where it was written now', () => {
    for (const kind of ['stop', 'record', 'plan', 'card'] as BodyKind[])
      expect(bodyNow(kind, versionNow(kind), { some: 'thing' }), kind).toEqual({ some: 'thing' });
  });

  it('is not guessed at where a later version wrote it: it is told as something that cannot be read', () => {
    expect(planFromOrNull({ body: EMPTY_PLAN, bodyVersion: versionNow('plan') })).toEqual(EMPTY_PLAN);
    expect(planFromOrNull({ body: EMPTY_PLAN, bodyVersion: versionNow('plan') + 1 })).toBeNull();
    const row = { workspaceId: 'w', id: 'later', bodyVersion: versionNow('record') + 1, body: {} };
    expect(recordFromRow(row as never)).toBeNull();
  });
});
