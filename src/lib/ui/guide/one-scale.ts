interface Drawn {
  readonly id: string;
  readonly title: string;
  readonly lengthMm: number;
  /** So many of the units of its field are that long. */
  readonly span: number;
}

const WIDEST_PX = 220;
/** Nearly of one size they stand so already; and what is smaller than that beside the other is a speck. */
const [ALIKE, SPECK] = [0.9, 0.12];

/**
 * Two drawings so wide, in px, that a millimetre is as long in one as in the other; null where they are so nearly, or where one
 * would be a speck.
 */
export function atOneScale(
  one: Drawn,
  other: Drawn,
): readonly { readonly id: string; readonly title: string; readonly width: number }[] | null {
  const field = ({ lengthMm, span }: Drawn): number => lengthMm / span;
  const most = Math.max(field(one), field(other));
  const alike = Math.min(field(one), field(other)) / most;
  return alike > ALIKE || alike < SPECK
    ? null
    : [one, other].map((drawn) => ({
        ...{ id: drawn.id, title: drawn.title },
        width: Math.round((WIDEST_PX * field(drawn)) / most),
      }));
}
