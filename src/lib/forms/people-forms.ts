import { z } from 'zod';
import { LICENCE_CATEGORIES } from '../core/premises';
import type { Result } from '../core/result';
import { dayField, neededText, orNothing, treeOf, type Fields } from './fields';
import { foundingShape } from './founding-form';
import { read } from './shape';

const LEAST_PASSWORD = 10;
const MOST_PASSWORD = 200;
const EMAIL = /^[^\s@<>"'(),:;\\]{1,64}@[^\s@<>"'(),:;\\]{1,190}\.[^\s@<>"'(),:;\\.]{2,60}$/;

/** An e-mail address, in lower case. */
const email = z.preprocess(
  (value) => (typeof value === 'string' ? value.trim().toLowerCase() : value),
  z
    .string()
    .max(254)
    .refine((text) => EMAIL.test(text), { params: { expected: 'an-email' } }),
);
/** A password is never trimmed; it is long rather than strange. */
const password = z
  .string()
  .max(MOST_PASSWORD)
  .refine((text) => text.length >= LEAST_PASSWORD, {
    params: { expected: 'a-longer-password', limit: LEAST_PASSWORD },
  });
const someone = { name: neededText(80), email, password };

const signInForm = z.object({ email, password: z.string().max(MOST_PASSWORD) });
const welcomeForm = z.discriminatedUnion('how', [
  z.object({ how: z.literal('people'), ...someone, ...foundingShape }),
  z.object({ how: z.literal('only-me'), name: neededText(80), ...foundingShape }),
]);
const joinForm = z.object(someone);
const emailForm = z.object({ email });
const newPasswordForm = z
  .object({ password, again: z.string().max(MOST_PASSWORD) })
  .refine((form) => form.password === form.again, {
    path: ['again'],
    params: { expected: 'the-same-again' },
  });
const beginForm = z
  .object({ email, password, again: z.string().max(MOST_PASSWORD) })
  .refine((form) => form.password === form.again, {
    path: ['again'],
    params: { expected: 'the-same-again' },
  });
const role = z.enum(['owner', 'technician', 'viewer']);
const invitationForm = z.object({ email, role });
const roleForm = z.object({ personId: z.uuid(), role });
const workspaceForm = z.object({ workspace: neededText(80) });

export type WelcomeForm = z.output<typeof welcomeForm>;
export type InvitationForm = z.output<typeof invitationForm>;

export const parseSignIn = (fields: Fields): Result<z.output<typeof signInForm>> =>
  read(signInForm, treeOf(fields));
export const parseWelcome = (fields: Fields): Result<WelcomeForm> => read(welcomeForm, treeOf(fields));
export const parseJoin = (fields: Fields): Result<z.output<typeof joinForm>> =>
  read(joinForm, treeOf(fields));
export const parseEmail = (fields: Fields): Result<{ email: string }> => read(emailForm, treeOf(fields));
export const parseNewPassword = (fields: Fields): Result<z.output<typeof newPasswordForm>> =>
  read(newPasswordForm, treeOf(fields));
export const parseInvitation = (fields: Fields): Result<InvitationForm> =>
  read(invitationForm, treeOf(fields));
export const parseRole = (fields: Fields): Result<z.output<typeof roleForm>> =>
  read(roleForm, treeOf(fields));
export const parseWorkspace = (fields: Fields): Result<{ workspace: string }> =>
  read(workspaceForm, treeOf(fields));
/** From a machine without sign-in: the address and the new password, told all at once. */
export const parseBeginning = (fields: Fields): Result<{ email: string; password: string }> =>
  read(beginForm, treeOf(fields));

/** Ticks of one name, as the list of those that are ticked. */
const tickedKeys = (value: unknown): unknown =>
  typeof value === 'object' && value !== null ? Object.keys(value) : [];

const licenceForm = z.object({
  personId: z.uuid(),
  licence: z.preprocess(
    (value) =>
      typeof value === 'object' &&
      value !== null &&
      Object.values(value).some((text) => (typeof text === 'string' ? text.trim() !== '' : true))
        ? value
        : null,
    z
      .object({
        category: neededText(80),
        covers: z.preprocess(tickedKeys, z.array(z.enum(LICENCE_CATEGORIES)).min(1)),
        number: neededText(60),
        by: neededText(120),
        until: orNothing(dayField),
      })
      .nullable(),
  ),
});
/** A person's licence, all of it; with every field blank the person has none. */
export const parseLicence = (fields: Fields): Result<z.output<typeof licenceForm>> =>
  read(licenceForm, treeOf(fields));
