/** A pest of the field guide, as the label editor offers it. */
export interface PestName {
  readonly id: string;
  readonly name: string;
  readonly stages: readonly { readonly id: string; readonly name: string }[];
}

/** Pests that labels name by one word: "white grubs". */
export interface PestGroup {
  readonly name: string;
  readonly members: readonly string[];
}
