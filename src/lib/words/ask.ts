import { circumstancesOf, countInForce, type CaseFacts, type CaseView } from '../core/case';
import { RULE_OUT_ABOVE, type Candidate } from '../core/identify';
import { findingText } from './naming';
import { inSentence } from './plain-nouns';
import { percentText, type Show } from './show';
import { STATUS_WORDS, SURROUNDING_WORDS } from './terms';

export interface Sheet {
  readonly kind: 'expert' | 'report';
  readonly title: string;
  readonly sections: readonly { readonly title: string; readonly lines: readonly string[] }[];
}

/** Which candidate has to be reported: the one named, or the likeliest above what must be ruled out. */
export function toBeReported({ candidates }: CaseFacts, view: CaseView): Candidate | null {
  const notifiable = (id: string) => candidates.find((c) => c.id === id && c.status === 'notifiable');
  if (view.named?.status === 'notifiable') return view.named;
  const entry = view.ranking.ranked.find((r) => r.p > RULE_OUT_ABOVE && notifiable(r.id));
  return entry ? (notifiable(entry.id) ?? null) : null;
}

const PACKING = [
  'Insects: five or more, in a small screw-top vial with alcohol (70 %), or frozen overnight and wrapped in tissue in a rigid box. Never alive, and never loose in an envelope.',
  'Turf: a piece of 10 × 10 cm from the edge of the damage, 8 cm deep, in a paper bag inside a plastic one, cool, within two days.',
  'Cloth, wood, food: a piece with the marks in a closed bag; clear tape with specks stuck to a white card.',
  'With each: this sheet, the date, the number of the spot, and who is to be called back.',
] as const;

/** One page for an expert: what was seen, counted and measured, what is thought of it, and how a sample is packed. */
export function expertSheet(facts: CaseFacts, view: CaseView, show: Show): Sheet {
  return {
    kind: 'expert',
    title: `What is this? Case ${facts.number}: ${facts.title}`,
    sections: [
      ...common(facts, view, show),
      {
        title: 'What it might be',
        lines: [
          view.ranking.sure ? 'By the signs, fairly sure:' : 'Not sure. In order of likelihood:',
          ...view.ranking.ranked.slice(0, 3).map(({ id, p }) => {
            const candidate = facts.candidates.find((c) => c.id === id);
            const scientific = candidate?.scientific ? ` (${candidate.scientific})` : '';
            return `${candidate?.name ?? id}${scientific}, ${percentText(p)}`;
          }),
          ...(view.ranking.next[0]
            ? [`Not looked for yet, and worth most: ${signName(facts, view.ranking.next[0].sign)}`]
            : []),
        ],
      },
      { title: 'How to pack a sample', lines: PACKING.map(show.prose) },
    ],
  };
}

/** A sighting report for the authority. */
export function sightingReport(facts: CaseFacts, view: CaseView, suspect: Candidate, show: Show): Sheet {
  const p = view.ranking.ranked.find((r) => r.id === suspect.id)?.p ?? 0;
  return {
    kind: 'report',
    title: `Sighting report: suspected ${inSentence(suspect.name)}`,
    sections: [
      {
        title: 'Suspected',
        lines: [
          `${suspect.name}${suspect.scientific ? ` (${suspect.scientific})` : ''}: ${STATUS_WORDS[suspect.status]}`,
          `Likelihood by the signs: ${percentText(p)}${view.named?.id === suspect.id && view.confirmed ? ', confirmed by whoever filled this in' : ''}`,
          `Known by: ${suspect.telling}`,
        ],
      },
      ...common(facts, view, show),
      {
        title: 'Done so far',
        lines: [
          view.records.length === 0
            ? 'Nothing was put down.'
            : `${view.records.length} applications, see the records.`,
          `${suspect.doNow}. ${suspect.doNot}.`,
        ],
      },
      {
        title: 'To be filled in',
        lines: [
          'Exact place (address or coordinates):',
          'Name, telephone:',
          'Sample or photographs kept at:',
        ],
      },
    ],
  };
}

const signName = ({ signs }: CaseFacts, id: string): string => signs.find((s) => s.id === id)?.name ?? id;

function common(facts: CaseFacts, view: CaseView, show: Show): Sheet['sections'] {
  const look = facts.stops.look;
  const { lengthMm } = circumstancesOf(facts);
  const found = Object.entries(look?.signs ?? {}).map(([id, finding]) => {
    const sign = facts.signs.find((s) => s.id === id);
    return `${signName(facts, id)}: ${findingText(sign, finding)}`;
  });
  const counts = (look ? countInForce(look).counts : []).flatMap((count, i) =>
    count === null ? [] : [`${view.each} ${i + 1}: ${count}`],
  );
  const test = facts.tests.find((t) => t.id === look?.test);
  return [
    {
      title: 'Where and when',
      lines: [
        `${facts.property.name}${look ? `, ${SURROUNDING_WORDS[look.surrounding]}: ${look.where}` : ''}`,
        `Seen on ${show.longDayText(facts.openedOn)}; sheet of ${show.longDayText(facts.today)}`,
      ],
    },
    { title: 'Signs', lines: found.length > 0 ? found : ['None noted.'] },
    {
      title: 'Counted and measured',
      lines: [
        ...(counts.length > 0 && look
          ? [`${test?.name ?? look.test}, frame ${show.quantityText(look.frame)}: ${counts.join(', ')}`]
          : ['Nothing counted.']),
        ...(view.density
          ? [
              `Mean ${show.densityText(view.density.mean, view.basis)}, between ${show.densityNumber(view.density.low, view.basis)} and ${show.densityNumber(view.density.high, view.basis)}`,
            ]
          : []),
        ...(lengthMm === null ? [] : [`Body length ${show.oneBodyText(lengthMm)}`]),
        ...(look?.note ? [`Note: ${look.note}`] : []),
      ],
    },
  ];
}

/** The sheet as plain text, for a message. */
export const sheetText = ({ title, sections }: Sheet): string =>
  [
    title,
    ...sections.flatMap((s) => ['', s.title.toUpperCase(), ...s.lines.map((line) => `- ${line}`)]),
    '',
  ].join('\n');
