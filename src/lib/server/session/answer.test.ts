import { describe, expect, it, vi } from 'vitest';
import { parseCustomer, parseNewPassword, parseProperty } from '../../forms';
import { DEFAULT_SETTINGS } from '../../forms';

const around = vi.hoisted(() => ({ url: new URL('http://127.0.0.1/customers'), settings: {} as object }));
vi.mock('$app/server', () => ({
  getRequestEvent: () => ({ locals: { around: { settings: around.settings } }, url: around.url }),
}));
const { readForm, wrongField } = await import('./answer');

function sent(fields: Record<string, string>, path = '/customers'): Request {
  around.url = new URL(path, 'http://127.0.0.1');
  around.settings = { ...DEFAULT_SETTINGS, numbers: '1.234,5' };
  return new Request(around.url, { method: 'POST', body: new URLSearchParams(fields) });
}
const answerOf = async (...from: Parameters<typeof readForm>) => {
  const read = await readForm(...from);
  if (read.valid) throw new Error('it was taken');
  return read.answer;
};

describe('what a form sent', () => {
  it('is handed on as typed data where it is right', async () => {
    const form = await readForm(sent({ name: ' Marta Quill ', consentsToNotices: 'on' }), parseCustomer);
    expect(form.valid && form.data).toMatchObject({ name: 'Marta Quill', consentsToNotices: true, pets: '' });
  });

  it('comes back by field, in sentences, with what was typed', async () => {
    const answer = await answerOf(sent({ name: '', contact: 'by letter' }), parseCustomer);
    expect(answer.status).toBe(400);
    expect(answer.data.form.valid).toBe(false);
    expect(answer.data.form.errors.name).toEqual(['The name is missing. Type or choose it.']);
    expect(answer.data.errors).toEqual([
      { path: 'name', message: 'The name is missing. Type or choose it.' },
    ]);
    expect(answer.data.fields).toEqual({ name: '', contact: 'by letter' });
  });

  it('tells bounds in the manner of the workspace', async () => {
    const answer = await answerOf(
      sent({ name: 'Lakeside lawn', latitude: '95,5', 'latitude~as': '1.234,5', longitude: '1' }),
      parseProperty,
    );
    expect(answer.data.form.errors.latitude?.[0]).toMatch(/-90 (to|and) 90|−90/);
    expect(answer.data.form.errors.latitude?.[0]).toContain('95,5');
  });

  it('never sends a password back, the present one neither', async () => {
    const answer = await answerOf(
      sent({ present: 'the old lake', password: 'abc', again: 'abd' }, '/account?/password'),
      parseNewPassword,
    );
    expect(JSON.stringify(answer.data)).not.toMatch(/the old lake|abc|abd/);
    expect(Object.keys(answer.data.form.errors).sort()).toEqual(['again', 'password']);
  });

  it('is answered to the form that was sent: by its own field, else by its action, else the only one', async () => {
    const bad = { name: '' };
    expect((await answerOf(sent(bad), parseCustomer)).data.form.id).toBe('form');
    expect((await answerOf(sent(bad, '/x?/role'), parseCustomer)).data.form.id).toBe('?/role');
    const own = { ...bad, __superform_id: '?/role 7' };
    const answer = await answerOf(sent(own, '/x?/role'), parseCustomer);
    expect(answer.data.form.id).toBe('?/role 7');
    expect(answer.data.fields).toEqual({ name: '' });
  });

  it('is refused as a whole under no field', () => {
    sent({});
    const answer = wrongField(409, '', 'Somebody was quicker.');
    expect(answer.status).toBe(409);
    expect(answer.data.form.errors._errors).toEqual(['Somebody was quicker.']);
  });

  it('keeps names that JavaScript means something else by', async () => {
    const answer = await answerOf(sent({ name: '', constructor: 'x', toString: 'y' }), parseCustomer);
    expect(answer.data.fields).toMatchObject({ constructor: 'x', toString: 'y' });
  });
});
