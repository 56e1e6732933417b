import { render } from 'svelte/server';
import { describe, expect, it } from 'vitest';
import { howMuch, METHODS, type Method } from '../../core/job';
import { expectAnswer } from '../../core/result';
import { JOB_FIELDS, parseJob } from '../../forms';
import { figureText, PLAIN } from '../../words';
import JobAnswer from './JobAnswer.svelte';

/** One job of every method, as somebody types it, and what the sum by hand comes to. */
const JOBS: readonly (readonly [Method, Readonly<Record<string, string>>, string])[] = [
  [
    'tank',
    { least: '125', 'per.value': '1000', mix: '60', mixPer: '1000', target: '336', tank: '15', second: '6' },
    '42 ml',
  ],
  [
    'jug',
    {
      least: '125',
      'per.value': '1000',
      mix: '60',
      mixPer: '1000',
      target: '960',
      tank: '38',
      jug: '1000',
      flow: '9.5',
    },
    '120 ml',
  ],
  [
    'dial',
    { least: '125', 'per.value': '1000', mix: '60', mixPer: '1000', target: '336', dial: '5', jug: '946' },
    '42 ml',
  ],
  ['granule', { least: '1.2', target: '420', pack: '4', stripLength: '25', stripWidth: '2' }, '5.04 kg'],
  ['drops', { least: '0.25', target: '18', each: '0.045', pack: '30' }, '4.5 g'],
  ['stations', { least: '2', target: '46' }, '9.2'],
  ['film', { least: '4', target: '3.5', flow: '7' }, '14 g'],
  ['void', { least: '5', length: '2.4', width: '0.6', depth: '0.1', each: '0.12' }, '0.72 g'],
  ['aerosol', { least: '23', target: '10', flow: '3.3', pack: '400' }, '230 ml'],
  [
    'nematodes',
    { least: '50', target: '336', mix: '20', mixPer: '100', tank: '20', pack: '50' },
    '168 million',
  ],
  ['soil', { least: '8', length: '1.2', width: '1.2', depth: '0.5', mix: '20', flow: '2' }, '5.76 ml'],
  [
    'grid',
    { least: '0.5', length: '40', width: '30', radius: '7.0710678118', each: '0.25', pack: '100' },
    '10 g',
  ],
];

/** The form of a method as it opens in a metric workspace, with what somebody typed into it. */
function formOf(method: Method, typed: Readonly<Record<string, string>>): Map<string, string> {
  const asks = JOB_FIELDS[method];
  const form = new Map([
    ['method', method],
    ['rateUnit', asks.rate],
    ['per.unit', asks.per[0] ?? 'count'],
    ['per.value', String(asks.perValue)],
  ]);
  for (const { name, units, unit, value } of asks.fields) {
    if (units.length > 0) form.set(`${name}.unit`, unit);
    if (value !== undefined) form.set(units.length > 0 ? `${name}.value` : name, String(value));
  }
  const rows = new Set(asks.fields.map(({ name }) => name));
  for (const [name, value] of Object.entries(typed)) form.set(rows.has(name) ? `${name}.value` : name, value);
  return form;
}
const textOf = (html: string): string =>
  html
    .replaceAll(/<!--[\s\S]*?-->|<[^>]*>/g, ' ')
    .replaceAll(/\s+/g, ' ')
    .trim();

describe('How much', () => {
  it('has a job of every method here', () => {
    expect(new Set(JOBS.map(([method]) => method))).toEqual(new Set(METHODS));
  });
  it.each(JOBS)(
    'tells of %s what the sum by hand comes to, and all that follows',
    (method, typed, byHand) => {
      const job = expectAnswer(parseJob(formOf(method, typed)));
      const { figures, loads } = expectAnswer(howMuch(job));
      const { body } = render(JobAnswer, { props: { job } });
      expect(textOf(/data-answer[^>]*>([\s\S]*?)<\/p>/.exec(body)?.[1] ?? '')).toBe(byHand);
      const told = textOf(body);
      for (const { name, value } of figures.slice(1))
        expect(told).toContain(`${figureText(method, name)} ${PLAIN.quantityText(value)}`);
      expect(body.match(/role="img"/g)?.length ?? 0).toBe(Math.min(3, loads.length));
    },
  );
});
