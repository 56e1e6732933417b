import { readOf } from '../identify';
import { totalOf } from '../review';
import { countInForce } from './diagnosis';
import { targetFor } from '../ground';
import { lotInUse } from './lot-in-use';
import type { CaseFacts } from './facts';
import type { CaseView, Source, Working, WorkingInput, WorkingName } from './view';

/** The sums behind the figures of a case: each with its inputs, their units and where they came from. */
export function workingsOf(facts: CaseFacts, view: CaseView): Partial<Record<WorkingName, Working>> {
  return {
    ...density(facts, view),
    ...area(facts, view),
    ...amounts(facts, view),
    ...lanes(facts, view),
    ...efficacy(facts, view),
  };
}

function input(
  name: string,
  value: number | string,
  unit: string | null,
  source: Source,
  clause: string | null = null,
): WorkingInput {
  return { name, value, unit, source, clause };
}

function density({ stops }: CaseFacts, view: CaseView): Partial<Record<WorkingName, Working>> {
  const look = stops.look;
  if (!look || !view.density) return {};
  const { frame, counts } = countInForce(look);
  const inputs = [
    input('counts', readOf(counts).join(' + '), null, 'counted'),
    input('spots', view.density.spots, null, 'counted'),
    input('frame', frame.value, frame.unit, 'chosen'),
  ];
  return {
    density: { formula: 'density', inputs, result: { value: view.density.mean, unit: `per ${view.basis}` } },
    ...(view.threshold && !view.threshold.presence
      ? {
          threshold: {
            formula: 'threshold',
            inputs: [
              input(
                'weak',
                view.threshold.at[0],
                `per ${view.threshold.basis}`,
                'catalogue',
                view.threshold.source,
              ),
              input(
                'strong',
                view.threshold.at[1],
                `per ${view.threshold.basis}`,
                'catalogue',
                view.threshold.source,
              ),
              input('vigour', look.vigour, null, 'chosen'),
            ],
            result: { value: view.threshold.limit, unit: `per ${view.threshold.basis}` },
          },
        }
      : {}),
  };
}

function area({ stops }: CaseFacts, view: CaseView): Partial<Record<WorkingName, Working>> {
  const body = stops.measure;
  if (!body || !view.lawn) return {};
  if (body.how === 'plan' && body.plan)
    return {
      area: {
        formula: 'plan-area',
        inputs: [
          input('zones', body.plan.zones.length, null, 'measured'),
          input('kept-off', body.plan.keptOffM2, 'm2', 'computed'),
        ],
        result: { value: view.lawn.area.value, unit: view.lawn.area.unit },
      },
    };
  const strip = body.strip > 0 ? [input('strip', body.strip, body.unit, 'measured')] : [];
  const result = { value: view.lawn.area.value, unit: view.lawn.area.unit };
  if (body.how === 'tape')
    return {
      area: {
        formula: (body.parts ?? []).length > 0 ? 'area-parts' : 'area-tape',
        inputs: [
          input('length', body.length, body.unit, 'measured'),
          input('width', body.width, body.unit, 'measured'),
          ...strip,
          ...(body.parts ?? []).map(({ kind, a, b, off }) =>
            input(
              off ? 'part-off' : 'part',
              `${kind} ${kind === 'circle' ? a : `${a} × ${b}`}`,
              body.unit,
              'measured',
            ),
          ),
        ],
        result,
      },
    };
  const { known, edge, grid } = body;
  if (body.how === 'known' && known)
    return {
      area: {
        formula: 'area-known',
        inputs: [
          input('known', known.area.value, known.area.unit, 'chosen'),
          input('paceError', known.errorPct, '%', 'chosen'),
        ],
        result,
      },
    };
  if (body.how === 'edges' && edge)
    return {
      area: {
        formula: 'area-edges',
        inputs: [
          input('run', edge.run, body.unit, 'measured'),
          input('hard', edge.hard, body.unit, 'measured'),
          input('up', edge.up, body.unit, 'label'),
          input('out', edge.out, body.unit, 'label'),
          ...(edge.more ?? []).map(({ kind, run, wide }) =>
            input('part', `${kind} ${run} × ${wide}`.trim(), body.unit, 'measured'),
          ),
        ],
        result,
      },
    };
  if (body.how === 'grid' && grid)
    return {
      area: {
        formula: 'area-grid',
        inputs: [
          input('length', body.length, body.unit, 'measured'),
          input('width', body.width, body.unit, 'measured'),
          input('spacing', grid.spacing, body.unit, 'chosen'),
        ],
        result,
      },
    };
  if (body.how !== 'paces') return {};
  const step = body.walked / body.walkedPaces;
  return {
    pace: {
      formula: 'pace',
      inputs: [
        input('walked', body.walked, body.unit, 'measured'),
        input('walkedPaces', body.walkedPaces, null, 'counted'),
      ],
      result: { value: step, unit: body.unit },
    },
    area: {
      formula: 'area-paces',
      inputs: [
        input('paces', `${body.paces[0]} × ${body.paces[1]}`, null, 'counted'),
        input('pace', step, body.unit, 'calibrated'),
        input('paceError', body.paceErrorPct, '%', 'chosen'),
        ...strip,
      ],
      result,
    },
  };
}

function amounts(facts: CaseFacts, view: CaseView): Partial<Record<WorkingName, Working>> {
  const { dose, label, lawn, rate } = view;
  if (!dose || !label || !lawn || rate === null) return {};
  const { stops } = facts;
  const lot = view.chosen ? lotInUse(view.chosen, facts) : undefined;
  const { use, clauses } = label;
  const clause = clauses.rate?.at ?? null;
  const perText = `${use.rate.unit} per ${use.rate.per.value} ${use.rate.per.unit}`;
  const treated = targetFor(lawn, use.rate.per);
  const target = input('target', treated.value, treated.unit, 'measured');
  const carried = stops.mix?.carryOver;
  return {
    product: {
      formula: carried ? 'product-carried' : 'product',
      inputs: [
        input('rate', rate, perText, stops.mix ? 'chosen' : 'label', clause),
        target,
        ...(carried ? [input('carried', carried.product.value, carried.product.unit, 'chosen')] : []),
        ...(stops.mix?.step ? [input('step', stops.mix.step.value, stops.mix.step.unit, 'chosen')] : []),
      ],
      result: { value: dose.product.value, unit: dose.product.unit },
    },
    ...(use.carrier && dose.finished
      ? {
          finished: {
            formula: 'finished',
            inputs: [
              input(
                'carrier',
                use.carrier.amount.value,
                `${use.carrier.amount.unit} per ${use.carrier.per.value} ${use.carrier.per.unit}`,
                'label',
                clause,
              ),
              target,
            ],
            result: { value: dose.finished.value, unit: dose.finished.unit },
          },
        }
      : {}),
    ...(dose.container
      ? {
          cost: {
            formula: 'cost',
            inputs: [
              input('product', dose.product.value, dose.product.unit, 'computed'),
              input(
                'size',
                lot?.size.value ?? label.container.size.value,
                lot?.size.unit ?? label.container.size.unit,
                'chosen',
              ),
              input('price', lot?.price ?? 0, null, 'chosen'),
            ],
            result: { value: dose.container.costUsed, unit: null },
          },
        }
      : {}),
  };
}

function lanes({ stops }: CaseFacts, view: CaseView): Partial<Record<WorkingName, Working>> {
  if (!view.lanes || !view.lawn || !stops.place) return {};
  const { lineCount, spacing } = view.lanes;
  const across = lineCount === 1 ? stops.place.swathM : (lineCount - 1) * spacing + stops.place.swathM;
  return {
    lanes: {
      formula: 'lanes',
      inputs: [
        input('across', across, 'm', 'measured'),
        input('swath', stops.place.swathM, 'm', 'chosen'),
        input('overlap', stops.place.overlap * 100, '%', 'chosen'),
      ],
      result: { value: view.lanes.lineCount, unit: null },
    },
  };
}

function efficacy({ stops }: CaseFacts, view: CaseView): Partial<Record<WorkingName, Working>> {
  const { look, recheck } = stops;
  if (!view.recheck || view.recheck.pct === null || !look || !recheck) return {};
  return {
    efficacy: {
      formula: view.recheck.method,
      inputs: [
        input('before', totalOf(countInForce(look)), null, 'counted'),
        input('after', totalOf(recheck), null, 'counted'),
        ...(recheck.control && view.recheck.method === 'henderson-tilton'
          ? [
              input('controlBefore', recheck.control.before, null, 'counted'),
              input('controlAfter', recheck.control.after, null, 'counted'),
            ]
          : []),
      ],
      result: { value: view.recheck.pct, unit: '%' },
    },
  };
}
