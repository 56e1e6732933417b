import type { Corner, LegUnit, Point } from '../../core/geometry';
import {
  reshaped,
  type Layer,
  type Mark,
  type Plan,
  type Zone,
  type ZoneKind,
  type ZoneShape,
  PLACE_KINDS,
} from '../../core/plan';

export type DrawAs = 'corners' | 'rectangle' | 'circle' | 'strip' | 'place';
export type Mode = 'look' | 'draw' | 'split' | 'cut' | 'mark' | 'scale';

/** Metres of the units in which lengths are typed. */
export const METRES = { m: 1, ft: 0.3048 } as const;

/** The plan in hand, what is chosen of it, and every change that can be taken back. */
export class PlanEditor {
  plan = $state.raw<Plan>() as Plan;
  selected = $state.raw<readonly string[]>([]);
  layer = $state<Layer>('outside');
  mode = $state<Mode>('look');
  kind = $state<ZoneKind>('lawn');
  as = $state<DrawAs>('corners');
  markKind = $state<Mark['kind']>('spot');
  /** Corners laid so far. */
  points = $state.raw<readonly Corner[]>([]);
  /** Width of a strip that is drawn, in metres. */
  stripM = $state(2);
  pace = $state({ m: 0.75, errorPct: 5 });
  /** The unit in which lengths are typed: the plan's until another was chosen, and then that one for every shape. */
  #typedIn = $state<LegUnit | null>(null);
  by = $state<'tape' | 'paces' | 'eye' | 'picture'>('tape');
  said = $state('');
  #past = $state.raw<readonly Plan[]>([]);
  #future = $state.raw<readonly Plan[]>([]);
  #last: string | null = null;

  constructor(plan: Plan) {
    this.plan = plan;
  }

  get typedIn(): LegUnit {
    return this.#typedIn ?? this.plan.unit;
  }
  typeIn(unit: LegUnit): void {
    this.#typedIn = unit;
    if (unit === 'paces') this.by = 'paces';
    else if (this.by === 'paces') this.by = 'tape';
  }
  get canUndo(): boolean {
    return this.#past.length > 0;
  }
  get canRedo(): boolean {
    return this.#future.length > 0;
  }
  get zones(): readonly Zone[] {
    return this.plan.zones.filter((zone) => zone.layer === this.layer);
  }
  get one(): Zone | null {
    const [id] = this.selected;
    return this.selected.length === 1 ? (this.plan.zones.find((zone) => zone.id === id) ?? null) : null;
  }
  get chosen(): readonly Zone[] {
    return this.plan.zones.filter((zone) => this.selected.includes(zone.id));
  }

  newId = (): string => crypto.randomUUID().slice(0, 18);

  /**
   * Takes a changed plan. Changes under one name that follow each other (a drag, a name being typed) are taken back as
   * one.
   */
  change(plan: Plan, under: string | null = null): void {
    if (plan === this.plan) return;
    if (under === null || under !== this.#last) this.#past = [...this.#past, this.plan];
    this.#last = under;
    this.#future = [];
    this.plan = plan;
  }

  /** Ends a row of changes of one name. */
  rest(): void {
    this.#last = null;
  }

  undo(): void {
    const before = this.#past[this.#past.length - 1];
    if (!before) return;
    this.#future = [this.plan, ...this.#future];
    this.#past = this.#past.slice(0, -1);
    this.plan = before;
    this.rest();
  }

  redo(): void {
    const [next, ...rest] = this.#future;
    if (!next) return;
    this.#past = [...this.#past, this.plan];
    this.#future = rest;
    this.plan = next;
    this.rest();
  }

  /** Takes what somebody else saved, without it being a change of one's own. */
  replace(plan: Plan): void {
    this.plan = plan;
    this.rest();
  }

  changeZone(id: string, to: Partial<Zone>, under: string | null = null): void {
    this.change(
      { ...this.plan, zones: this.plan.zones.map((zone) => (zone.id === id ? { ...zone, ...to } : zone)) },
      under,
    );
  }

  reshape(id: string, shape: ZoneShape, under: string | null = null): void {
    this.change(
      {
        ...this.plan,
        zones: this.plan.zones.map((zone) => (zone.id === id ? reshaped(zone, shape) : zone)),
      },
      under,
    );
  }

  /** Puts zones in the place of others. */
  swap(gone: readonly string[], come: readonly Zone[]): void {
    const at = this.plan.zones.findIndex((zone) => gone.includes(zone.id));
    const rest = this.plan.zones.filter((zone) => !gone.includes(zone.id));
    const where = at < 0 ? rest.length : Math.min(at, rest.length);
    this.change({ ...this.plan, zones: [...rest.slice(0, where), ...come, ...rest.slice(where)] });
    this.selected = come.map((zone) => zone.id);
  }

  remove(): void {
    if (this.selected.length > 0) this.swap(this.selected, []);
  }

  select(id: string | null, more = false): void {
    if (id === null) this.selected = [];
    else if (!more) this.selected = [id];
    else
      this.selected = this.selected.includes(id)
        ? this.selected.filter((other) => other !== id)
        : [...this.selected, id];
    this.rest();
  }

  /** Adds a zone that was drawn, under the first name of its kind that is free. */
  add(shape: ZoneShape, name: string, kind: ZoneKind = this.kind): void {
    const errorPct = this.by === 'paces' ? this.pace.errorPct : { tape: 0.5, eye: 15, picture: 2 }[this.by];
    const zone: Zone = {
      ...{ id: this.newId(), name, kind, layer: this.layer, shape, note: '', from: [], foreign: null },
      ...{ measured: { how: this.by, errorPct }, height: null, openings: [] },
    };
    this.change({ ...this.plan, zones: [...this.plan.zones, zone] });
    this.selected = [zone.id];
    this.points = [];
  }

  draw(kind: ZoneKind, as: DrawAs): void {
    this.kind = kind;
    this.as = (PLACE_KINDS as readonly string[]).includes(kind) && as !== 'circle' ? 'place' : as;
    this.mode = 'draw';
    this.points = [];
    this.selected = [];
  }

  leave(): void {
    this.mode = 'look';
    this.points = [];
  }

  addMark(at: Point): void {
    const number = Math.max(0, ...this.plan.marks.map((mark) => mark.number)) + 1;
    const mark: Mark = {
      ...{ id: this.newId(), number, kind: this.markKind, at, layer: this.layer, readings: [] },
    };
    this.change({ ...this.plan, marks: [...this.plan.marks, mark] });
  }

  changeMark(id: string, to: Partial<Mark> | null): void {
    this.change({
      ...this.plan,
      marks: this.plan.marks.flatMap((mark) => (mark.id !== id ? [mark] : to ? [{ ...mark, ...to }] : [])),
    });
  }
}
