/** How deep brackets stand in one another outside of strings; stops counting past `most`. */
export function depthOf(text: string, most: number): number {
  let depth = 0;
  let deepest = 0;
  let quoted = false;
  for (let at = 0; at < text.length && deepest <= most; at++) {
    const sign = text.charCodeAt(at);
    if (quoted) {
      if (sign === 92) at++;
      else if (sign === 34) quoted = false;
    } else if (sign === 34) quoted = true;
    else if (sign === 91 || sign === 123) deepest = Math.max(deepest, ++depth);
    else if (sign === 93 || sign === 125) depth--;
  }
  return deepest;
}
