/** A pest of the field guide, as the label editor offers it. */
export interface PestName {
  readonly id: string;
  readonly name: string;
  readonly stages: readonly { readonly id: string; readonly name: string }[];
}
