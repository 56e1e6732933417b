import { z } from 'zod';
import type { LocalRule, OwnThreshold } from '../core/rules';
import { isRefused, type Result } from '../core/result';
import {
  dayField,
  listed,
  neededText,
  numeric,
  orNothing,
  plainText,
  treeOf,
  whole,
  zoneField,
  type Fields,
  ticked,
} from './fields';
import { phone, WORKSPACE_KINDS } from './founding-form';
import { parseWorkspace } from './people-forms';
import { read } from './shape';

/** An entry of a list whose fields are all empty is not there. */
function filledOnly<S extends z.ZodType>(shape: S, most: number) {
  return z.preprocess(
    (value) => {
      const entries = Array.isArray(value)
        ? value
        : typeof value === 'object' && value !== null
          ? Object.keys(value)
              .filter((key) => /^\d{1,2}$/.test(key))
              .sort((a, b) => Number(a) - Number(b))
              .map((key) => (value as Record<string, unknown>)[key])
          : [];
      return entries.filter(
        (entry) => typeof entry !== 'object' || entry === null || (entry as { kind?: unknown }).kind !== '',
      );
    },
    listed(shape, 0, most),
  );
}

const note = neededText(300);
const month = orNothing(whole(1, 12));
const rule = z.discriminatedUnion('kind', [
  z
    .object({ kind: z.literal('ban'), ingredient: plainText(80), fromMonth: month, toMonth: month, note })
    .refine((ban) => (ban.fromMonth === null) === (ban.toMonth === null), {
      path: ['toMonth'],
      params: { expected: 'needed' },
    }),
  z.object({ kind: z.literal('water-buffer'), metres: numeric(0.1, 1000), note }),
  z.object({ kind: z.literal('wind'), kmh: numeric(1, 100), note }),
  z.object({ kind: z.literal('lives-with'), candidate: z.string().min(1).max(60), note }),
  z.object({ kind: z.literal('purpose'), purpose: z.enum(['prevent', 'routine']), note }),
  z.object({ kind: z.literal('caution'), note }),
]) satisfies z.ZodType<LocalRule>;

const threshold = z
  .object({
    candidate: z.string().min(1).max(60),
    perM2: listed(numeric(0.001, 100_000), 2, 2),
    source: neededText(200),
  })
  .refine((own) => (own.perM2[0] ?? 0) <= (own.perM2[1] ?? 0), {
    path: ['perM2', '1'],
    params: { expected: 'not-below-least' },
  }) as unknown as z.ZodType<OwnThreshold>;

export const settingsShape = z.object({
  /** In a household nobody is licensed, whatever is typed. */
  kind: z.enum(WORKSPACE_KINDS).default('firm'),
  units: z.enum(['metric', 'us', 'uk']).default('metric'),
  timeZone: zoneField.default('UTC'),
  currency: z.preprocess(
    (value) => (typeof value === 'string' ? value.trim().toUpperCase() : value),
    z
      .string()
      .regex(/^([A-Z]{3})?$/)
      .default(''),
  ),
  dates: z.enum(['day-month', 'month-day', 'year-month-day']).default('day-month'),
  numbers: z.enum(['1,234.5', '1.234,5', '1 234,5']).default('1,234.5'),
  retentionYears: whole(1, 50).default(7),
  /** Whoever has a password here needs a second factor, too. */
  secondFactor: ticked.default(false),
  licence: z
    .object({ holder: plainText(80), number: plainText(60), until: orNothing(dayField) })
    .default({ holder: '', number: '', until: null }),
  emergency: z
    .object({ poison: phone, police: phone, vet: phone, water: phone })
    .default({ poison: '', police: '', vet: '', water: '' }),
  rules: filledOnly(rule, 40).default([]),
  thresholds: filledOnly(threshold, 60).default([]),
});
export type Settings = z.output<typeof settingsShape>;

export const DEFAULT_SETTINGS: Settings = settingsShape.parse({});

/** What the form sent, every field of it. */
export const parseSettings = (fields: Fields): Result<Settings> => read(settingsShape, treeOf(fields));

/** The same with the name of the workspace, which is kept apart; what is wrong with both is told at once. */
export function parseSettingsAndName(fields: Fields): Result<{ settings: Settings; workspace: string }> {
  const [settings, named] = [parseSettings(fields), parseWorkspace(fields)];
  if (isRefused(settings))
    return { refused: [...settings.refused, ...(isRefused(named) ? named.refused : [])] };
  return isRefused(named) ? named : { ok: { settings: settings.ok, workspace: named.ok.workspace } };
}

/** What is kept, as it can be read: a part that does not fit (an older version's, say) is the default. */
export function readSettings(kept: unknown): Settings {
  if (typeof kept !== 'object' || kept === null || Object.keys(kept).length === 0) return DEFAULT_SETTINGS;
  const whole = settingsShape.safeParse(kept);
  if (whole.success) return whole.data;
  const wrong = new Set(whole.error.issues.map((issue) => String(issue.path[0])));
  const rest = Object.fromEntries(Object.entries(kept).filter(([key]) => !wrong.has(key)));
  const second = settingsShape.safeParse(rest);
  return second.success ? second.data : DEFAULT_SETTINGS;
}
