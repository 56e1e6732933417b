import { USUAL_DAYS, type Verdict } from '../core/review';
import { purposeOf, type CaseFacts, type CaseView } from '../core/case';
import { groupNamed } from '../core/identify';
import type { Stop } from '../core/labels';
import { cautionWords } from './cautions';
import { groundText, productText } from './method-terms';
import { inSentence, many } from './plain-nouns';
import { hourText, percentText, type Show } from './show';
import { PURPOSE_WORDS, thresholdText } from './terms';

/** A stop's present answer in a few words, or what it still lacks. */
export function trailText(stop: Stop, facts: CaseFacts, view: CaseView, show: Show): string {
  const state = view.trail.find((t) => t.stop === stop)?.state;
  const text = answerText(stop, facts, view, show);
  if (state === 'stale') return `${text} · an earlier stop changed`;
  return text;
}

function answerText(stop: Stop, facts: CaseFacts, view: CaseView, show: Show): string {
  switch (stop) {
    case 'look':
      return lookText(facts, view, show);
    case 'name':
      return nameText(facts, view);
    case 'choose':
      return chooseText(facts, view);
    case 'measure':
      return measureText(view, show);
    case 'when': {
      if (view.nothing) return 'nothing to put down';
      const hour = facts.stops.when?.hour;
      if (hour !== undefined) return hourText(hour);
      if (view.records.length > 0) return 'not planned ahead';
      return view.chosen ? 'no hour chosen' : 'after a remedy is chosen';
    }
    case 'mix':
      return mixText(facts, view, show);
    case 'place':
      return placeText(view, show);
    case 'log': {
      if (view.nothing && view.records.length === 0) return 'nothing to log';
      const last = view.records[view.records.length - 1];
      return last
        ? `${productText(last.product, view.method?.noun ?? null, show)} on ${show.dayText(last.doneOn, facts.today)}`
        : 'nothing put down yet';
    }
    case 'recheck':
      return recheckText(facts, view, show);
  }
}

function lookText({ stops }: CaseFacts, view: CaseView, show: Show): string {
  if (!stops.look) return 'nothing looked at yet';
  const purpose = purposeOf({ stops });
  if (purpose !== 'control' && !view.density) return PURPOSE_WORDS[purpose].toLowerCase();
  const signs = Object.keys(stops.look.signs).length;
  if (!view.density) return `${signs} ${signs === 1 ? 'sign' : 'signs'}, no counts yet`;
  const { mean, low, high, spots } = view.density;
  return `${spots} ${many(view.each)}: ${show.densityText(mean, view.basis)} (${show.densityNumber(low, view.basis)}–${show.densityNumber(high, view.basis)})`;
}

function nameText(facts: CaseFacts, view: CaseView): string {
  const purpose = purposeOf(facts);
  if (!view.named && purpose === 'routine') return 'what the label names';
  if (!view.named && purpose === 'prevent') return 'what is to be prevented?';
  if (view.named && purpose === 'prevent')
    return `to prevent: ${inSentence(view.named.name)}${view.stage ? `, ${view.stage.name.toLowerCase()}` : ''}`;
  const lead = view.ranking.ranked[0];
  const group = view.named ? null : groupNamed(view.ranking, facts.candidates);
  if (group) return `${group.group}, ${percentText(group.p)}; which is not sure`;
  if (!view.named) return `not sure, ${percentText(lead?.p ?? 0)} at best`;
  const p = view.ranking.ranked.find((r) => r.id === view.named?.id)?.p ?? 0;
  const stage = view.stage ? `, ${view.stage.name}` : '';
  return `${view.named.name}, ${percentText(p)}${stage}${view.confirmed ? '' : ' · to confirm'}`;
}

function chooseText(facts: CaseFacts, view: CaseView): string {
  const verdict =
    view.threshold && purposeOf(facts) === 'control' ? thresholdText(view.threshold).toLowerCase() : null;
  if (view.nothing) return 'nothing: culture only';
  if (view.label) return [verdict, view.label.name].filter(Boolean).join(' · ');
  if (!verdict && !view.named && purposeOf(facts) !== 'routine') return 'needs a name first';
  return verdict ? `${verdict}, no remedy chosen` : 'no remedy chosen';
}

function measureText(view: CaseView, show: Show): string {
  if (!view.lawn) return 'not measured';
  const { area, areaLow, areaHigh, stripM, counted } = view.lawn;
  if (area.value === 0 || counted.edgeM > 0 || counted.places > 0)
    return groundText(view.lawn, view.method?.noun ?? 'spot', show);
  const band =
    areaLow && areaHigh ? ` (${show.numberText(areaLow.value)}–${show.numberText(areaHigh.value)})` : '';
  return `${show.quantityText(area)}${band}${stripM > 0 ? ', strip left out' : ''}`;
}

function mixText(facts: CaseFacts, view: CaseView, show: Show): string {
  if (view.nothing) return 'nothing to mix';
  const halt = view.records.length === 0 ? view.halts[0] : undefined;
  if (halt) return `Halt: ${cautionWords(halt.caution, show).title}`;
  if (view.label?.use.instruction) return 'by its instruction';
  if (!view.dose) return view.label ? 'needs the area' : 'needs a remedy';
  const loads = view.dose.loads.length;
  const amount = productText(view.dose.product, view.method?.noun ?? null, show);
  return `${amount}${loads > 0 ? ` in ${loads} ${loads === 1 ? 'load' : 'loads'}` : ''}${facts.stops.mix ? '' : ' · to settle'}`;
}

function placeText(view: CaseView, show: Show): string {
  if (view.nothing) return 'nothing to place';
  if (view.halts.length > 0 && view.records.length === 0) return 'Halt open';
  if (view.lawn?.area.value === 0) return groundText(view.lawn, view.method?.noun ?? 'spot', show);
  if (view.lanes) return `${view.lanes.lineCount} lanes, ${view.minutesOnLawn ?? 0} min`;
  if (view.lawn && view.method && view.method.placing !== 'lanes' && view.method.placing !== 'crossed')
    return groundText(view.lawn, view.method.noun, show);
  if (!view.method) return 'after a remedy is chosen';
  return view.lawn && view.lawn.rings.length === 0 ? 'by quarters of the area' : 'lanes not drawn';
}

function levelText(verdict: Verdict, presence: boolean): string {
  if (verdict === 'nought-once') return 'none; read once more';
  if (verdict === 'count-more') return 'cannot tell yet';
  if (verdict === 'done') return presence ? 'none twice' : 'below the threshold';
  return presence ? 'still there' : 'above the threshold';
}

function recheckText(facts: CaseFacts, view: CaseView, show: Show): string {
  if (view.recheck)
    return view.recheck.pct === null
      ? `${show.densityText(view.recheck.density.mean, view.basis)}, ${levelText(view.recheck.verdict, view.threshold?.presence ?? false)}`
      : `${show.numberText(view.recheck.pct)} % fewer`;
  if (purposeOf(facts) === 'routine')
    return view.nextAllowed?.day
      ? `next from ${show.dayText(view.nextAllowed.day, facts.today)}`
      : 'the next visit';
  if (view.recheckDue) return `due ${show.dayText(view.recheckDue, facts.today)}`;
  const days = view.label ? (view.label.use.daysToEffect?.[1] ?? USUAL_DAYS) : undefined;
  return days ? `${days} ${days === 1 ? 'day' : 'days'} after it went down` : 'after it went down';
}
