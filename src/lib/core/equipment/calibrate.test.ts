import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  catchCups,
  grid,
  hoseEndJug,
  irrigation,
  nozzleFlow,
  sprayTime,
  sprinklerMinutes,
  walk,
  weighedPass,
} from '.';

const q = <U extends string>(value: number, unit: U) => ({ value, unit });

describe('calibrations', () => {
  it('bring a walk at the speed they propose to the volume that was wanted', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.1, max: 5, noNaN: true }),
        fc.double({ min: 0.3, max: 4, noNaN: true }),
        fc.double({ min: 1, max: 20, noNaN: true }),
        (flow, swath, wanted) => {
          const input = {
            flow: { amount: q(flow, 'l'), per: q(1, 'min') },
            swath: q(swath, 'm'),
            per: q(100, 'm2'),
            unit: 'l',
          } as const;
          const first = walk({
            ...input,
            speed: q(4, 'km/h'),
            wanted: { amount: q(wanted, 'l'), per: q(100, 'm2') },
          });
          if (!('ok' in first) || !first.ok.speed) return expect.fail('refused');
          const second = walk({ ...input, speed: first.ok.speed });
          expect(second).toMatchObject({ ok: { carrier: { amount: { value: expect.closeTo(wanted, 6) } } } });
        },
      ),
    );
  });

  it('spray for as long as the caught flow says', () => {
    const flow = nozzleFlow({ collected: q(450, 'ml'), time: q(30, 's') });
    if (!('ok' in flow)) return expect.fail('refused');
    expect(flow.ok.flow.amount.value).toBeCloseTo(900, 9);
    expect(sprayTime({ amount: q(3, 'l'), flow: flow.ok.flow })).toMatchObject({
      ok: { time: { value: expect.closeTo(200, 9), unit: 's' } },
    });
  });

  it('close the gate when two passes would give double', () => {
    const wanted = { amount: q(1, 'kg'), per: q(100, 'm2') } as const;
    const pass = weighedPass({
      collected: q(500, 'g'),
      length: q(25, 'm'),
      swath: q(2, 'm'),
      wanted,
      passes: 2,
    });
    expect(pass).toMatchObject({
      ok: { ratio: expect.closeTo(2, 9), advice: 'close', perPass: { value: 0.5 } },
    });
  });

  it('leave no place further from a lure than its radius', () => {
    const result = grid({ radius: q(0.8, 'm'), length: q(12, 'm'), width: q(7, 'm') });
    if (!('ok' in result)) return expect.fail('refused');
    const cell = result.ok.spacing.value;
    expect(Math.hypot(cell / 2, cell / 2)).toBeCloseTo(0.8, 9);
    expect(grid({ radius: q(1, 'm'), spacing: q(1, 'm') })).toMatchObject({ refused: [{ path: 'spacing' }] });
    expect(grid({})).toMatchObject({ refused: [{ path: 'radius' }] });
    expect(grid({ spacing: q(1, 'm'), length: q(3, 'm') })).toMatchObject({ refused: [{ path: 'width' }] });
  });

  it('water a lawn by depth: one millimetre on one square metre is a litre', () => {
    const result = irrigation({
      depth: q(6, 'mm'),
      area: q(250, 'm2'),
      unit: 'l',
      flow: { amount: q(15, 'l'), per: q(1, 'min') },
    });
    expect(result).toMatchObject({
      ok: { volume: { value: expect.closeTo(1500, 9) }, time: { value: expect.closeTo(100, 9) } },
    });
  });

  it('tells the minutes of a sprinkler for a depth, and none of a dry one', () => {
    expect(sprinklerMinutes(6, 12)).toBe(30);
    expect(sprinklerMinutes(5, 0)).toBeNull();
  });

  it('water by the driest quarter where cups differ', () => {
    const depths = [4, 4, 4, 8, 8, 8, 8, 8].map((value) => q(value, 'mm'));
    const result = catchCups({ depths, time: q(10, 'min'), wanted: q(6, 'mm') });
    expect(result).toMatchObject({
      ok: { minutesLowQuarter: expect.closeTo(15, 9), uniformity: expect.closeTo(4 / 6.5, 9) },
    });
    expect(
      catchCups({ depths: [q(0, 'mm'), q(8, 'mm')], time: q(10, 'min'), wanted: q(6, 'mm') }),
    ).toMatchObject({ ok: { minutesLowQuarter: null } });
    expect(catchCups({ depths: [], time: q(10, 'min'), wanted: q(6, 'mm') })).toMatchObject({
      refused: [{ path: 'depths' }],
    });
  });

  it('refuse a flow of nothing and a mass where a volume belongs', () => {
    const carrier = { amount: q(1, 'l'), per: q(1, 'm2') } as const;
    const none = { amount: q(0, 'l'), per: q(1, 'min') } as const;
    expect(hoseEndJug({ makes: q(3, 'l'), carrier, flow: none })).toMatchObject({
      refused: [{ path: 'flow.amount.value' }],
    });
    expect(hoseEndJug({ makes: q(3, 'kg'), carrier })).toMatchObject({
      refused: [{ code: 'units-do-not-match' }],
    });
  });
});
