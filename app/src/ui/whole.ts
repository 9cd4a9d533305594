import { Pipe, type PipeTransform } from '@angular/core';

/** The spaces between a number and its unit or what is left, and those of a pair: "2 × 20.5 kg, 2 left". */
const WITHIN = /(?<=\d) (?=(?:kg|lb|s|min|cm|mm|L|%|left)(?!\p{L}))|(?<=\d) (?=× \d)|(?<=\d ×) (?=\d)/gu;
const NO_BREAK = '\u00a0';

/**
 * Words whose amounts stay whole: no line ends between a number and what it counts.
 *
 * @example whole('8 with 2 × 20.5 kg') // breaks before and after "with" alone
 */
export function whole(words: string): string {
  return words.replaceAll(WITHIN, NO_BREAK);
}

/** `whole`, in a template. */
@Pipe({ name: 'whole' })
export class Whole implements PipeTransform {
  transform(words: string): string {
    return whole(words);
  }
}
