import type { BlockView, Scene, Sound } from '../api/client';
import { spokenOf } from '../document/spoken';
import { frames } from '../document/times';

const NAMES = { startsAt: 'start', landsAt: 'arriveEnd', leavesAt: 'leaveStart', endsAt: 'end' } as const;
const MOMENTS = { start: 'start', landed: 'arriveEnd', leaving: 'leaveStart', end: 'end' } as const;
const MIDDLE = 16;

/** What hangs on what, drawn as threads from a cue or a block's moment to the moment that hangs on it. */
export function Hangs({
  scene,
  views,
  tops,
  x,
  sounds,
  wordsOf,
}: {
  scene: Scene;
  /** In the order of their rows. */
  sounds: Sound[];
  views: BlockView[];
  /** Where each block's lane begins, px from the top of all lanes. */
  tops: Map<string, number>;
  x: (frame: number) => number;
  /** Where the words of a sound's row end, px from the top. */
  wordsOf: (row: number) => number;
}) {
  const said = new Map(
    sounds.flatMap((sound, row) =>
      spokenOf(scene, sound).map((word) => [word.id, { ...word, y: wordsOf(row) }] as const),
    ),
  );
  const view = (id: string) => views.find((one) => one.id === id);
  return (
    <g className="hangs">
      {scene.blocks.flatMap((block) =>
        (Object.keys(NAMES) as (keyof typeof NAMES)[]).map((name) => {
          const hang = block.span[name];
          if (!hang) return null;
          const own = view(block.id);
          const top = tops.get(block.id);
          if (!own || top === undefined) return null;
          const to = { x: x(own[NAMES[name]]), y: top + MIDDLE };
          const cue = scene.cues?.find((one) => one.id === hang.cue);
          const other = hang.block ? view(hang.block) : undefined;
          const otherTop = hang.block ? tops.get(hang.block) : undefined;
          const word = hang.cue && !cue ? said.get(hang.cue) : undefined;
          const from = word
            ? { x: x(hang.edge === 'end' ? word.until : word.at), y: word.y }
            : cue
              ? { x: x(frames(cue.at)), y: 22 + 18 }
              : other && otherTop !== undefined
                ? { x: x(other[MOMENTS[hang.edge ?? 'start']]), y: otherTop + MIDDLE }
                : null;
          if (!from) return null;
          const bend = (to.y - from.y) / 2;
          return (
            <g key={`${block.id} ${name}`} data-hang={`${block.id} ${name}`}>
              <path
                d={`M${from.x} ${from.y} C${from.x} ${from.y + bend} ${to.x} ${to.y - bend} ${to.x} ${to.y}`}
              />
              <circle cx={to.x} cy={to.y} r="3" />
            </g>
          );
        }),
      )}
    </g>
  );
}
