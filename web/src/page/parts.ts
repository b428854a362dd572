import { stepsOf } from '../document/stepping';
import type { Control, NumberControl, Operation, Part, Segment, Sentence, TurnControl } from '../api/client';
import { clampTo, numberNow, numberOperations, setsNumber } from '../document/edits';
import { valueAt } from '../document/patch';

/** What a sentence says, and at its end what it could say beside it. */
export const segmentsOf = (sentence: Sentence): Segment[] =>
  sentence.more ? [...sentence.segments, { text: 'and …', part: sentence.more }] : sentence.segments;

/** True for the part that holds what a sentence does not say yet. */
export const isMore = (part: Part) => part.name === 'more';

/** The parts of a sentence under names that last while the sentence around them changes: `change#1` is its second change. */
export function partKeys(sentence: Sentence): (string | null)[] {
  const seen = new Map<string, number>();
  return segmentsOf(sentence).map((segment) => {
    if (!segment.part) return null;
    const count = seen.get(segment.part.name) ?? 0;
    seen.set(segment.part.name, count + 1);
    return `${segment.part.name}#${count}`;
  });
}

/** The number that dragging the part sideways changes, if it has one. */
export function scrubbed(part: Part): NumberControl | undefined {
  // A face is chosen by its look; its axes have their sliders in the drawer.
  if (part.name === 'face' || isMore(part)) return undefined;
  const controls = part.controls as Control[];
  const numbers = controls.filter((control): control is NumberControl => control.kind === 'number');
  if (part.name === 'pace, second')
    return numbers.find((control) => !setsNumber(control, '/pace/each') && !control.derived);
  return numbers.find((control) => !control.derived);
}

/** Where a part stands in a list of its sentence, if it does. */
export const turnOf = (part: Part): TurnControl | undefined =>
  (part.controls as Control[]).find((control): control is TurnControl => control.kind === 'turn');

/** How much one step is: ten times with Shift, a tenth with Alt. */
export function stepOf(control: NumberControl, event: { shiftKey: boolean; altKey: boolean }): number {
  return control.step * stepsOf(event);
}

/**
 * What an arrow key does to a part: one step of its number, or the choice above or below. It starts from what the
 * document has, because keys may be quicker than the sentence that follows them.
 */
export function stepped(
  part: Part,
  way: 1 | -1,
  event: { shiftKey: boolean; altKey: boolean },
  document: unknown,
): Operation[] | undefined {
  if (isMore(part)) return undefined;
  const number = scrubbed(part);
  if (number) {
    const now = numberNow(number, document);
    const next = clampTo(number, now + way * stepOf(number, event), 0);
    return next === now ? undefined : numberOperations(number.edits, next);
  }
  const lists = (part.controls as Control[]).map((control) => ('options' in control ? control.options : []));
  // Where nothing is chosen yet, the first of the first list comes next.
  const options = lists.find((choices) => choices.some((option) => option.selected)) ?? lists[0];
  if (!options || options.length === 0) return undefined;
  const made = options.findIndex((option) => option.operations.every((one) => isMade(one, document)));
  const now = made >= 0 ? made : options.findIndex((option) => option.selected);
  return options[now - way]?.operations;
}

function isMade(operation: Operation, document: unknown): boolean {
  return (
    operation.op === 'set' &&
    JSON.stringify(valueAt(document, operation.at)) === JSON.stringify(operation.value)
  );
}
