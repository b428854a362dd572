import { InputNumber, Slider } from 'antd';
import { useRef, useState, type KeyboardEvent } from 'react';
import type { NumberControl } from '../api/client';
import { beyond, clampTo, numberNow, numberOperations } from '../document/edits';
import { useStage } from '../document/stage';
import { shownNow, useDocument } from '../document/store';
import { clockOf, timeOnto, typedOnto, type Clock } from '../document/typed';
import { useCommit } from './drawerCommit';
import { stepOf } from './parts';

/** What times are typed by in the open scene. */
function clockNow(): Clock | null {
  const { scene } = useStage.getState();
  const open = useDocument.getState().document?.scenes.find((one) => one.id === scene);
  return open ? clockOf(open) : null;
}

/** What a typed text makes of a number; frames are also read as seconds, seconds + frames and beats. */
function typed(suffix: string, text: string, now: number, clock: Clock | null): number | null {
  const number = typedOnto(text, now, 'is negative', suffix.startsWith('%'));
  return number ?? (suffix === 'fr' && clock ? timeOnto(text, now, clock) : null);
}

/** Room for the number itself, and for a letter of its unit. */
const NUMBER_PX = 66;
const SUFFIX_PX = 6.5;

/** A number with its slider and a field in which it is typed, in its own unit or as a sum. */
export function NumberRow({ control }: { control: NumberControl }) {
  const preview = useDocument((state) => state.preview);
  const commit = useCommit();
  const units = control.units ?? [];
  const [said, setSaid] = useState('');
  /** What is typed and not yet taken: only that is taken when the focus goes, perhaps after an undo. */
  const untaken = useRef<string | null>(null);
  const now = () => numberNow(control, shownNow());
  const put = (value: number | null) => {
    if (value === null || value === now()) return;
    commit(numberOperations(control.edits, clampTo(control, value, 0)));
    setSaid(beyond(control, value));
  };
  const read = (text: string | undefined) => typed(control.suffix, text ?? '', now(), clockNow());
  const take = () => {
    if (untaken.current !== null) put(read(untaken.current));
    untaken.current = null;
  };
  const keyed = (event: KeyboardEvent) => {
    // The drawer goes, and with it the focus, which would take it.
    if (event.key === 'Escape') untaken.current = null;
    if (event.key !== 'ArrowUp' && event.key !== 'ArrowDown') return;
    event.preventDefault();
    const size = stepOf(control, event);
    put(Number((now() + (event.key === 'ArrowUp' ? size : -size)).toFixed(4)));
  };
  // Numbers on both sides of zero have their zero in the middle.
  const reach = Math.max(Math.abs(control.value) * 2, 100 * control.step);
  const sliderLeast = control.least < 0 ? Math.max(control.least, -reach) : control.least;
  const sliderMost =
    control.least < 0
      ? Math.min(control.most, reach)
      : Math.min(control.most, Math.max(control.value * 2, control.least + 100 * control.step));
  return (
    <label className={`row ${control.derived ? 'derived' : ''}`}>
      <span>{control.label}</span>
      <Slider
        min={sliderLeast}
        max={sliderMost}
        step={control.step}
        value={control.value}
        tooltip={{ open: false }}
        onChange={(value) => preview(numberOperations(control.edits, value))}
        onChangeComplete={put}
      />
      <span className="value">
        <InputNumber
          size="small"
          controls={false}
          value={control.value}
          suffix={units.length > 0 ? undefined : control.suffix}
          aria-label={control.label}
          onKeyDown={keyed}
          style={{ width: NUMBER_PX + (units.length > 0 ? 0 : SUFFIX_PX * control.suffix.length) }}
          // What is typed is read as a whole, so that +2, ×1.5 and 50 % can be.
          parser={(text) => read(text) ?? now()}
          onInput={(text) => {
            untaken.current = text;
          }}
          onPressEnter={take}
          onBlur={take}
        />
        {units.length > 0 && (
          <select
            className="unit"
            aria-label="Measured in"
            value={units.findIndex((unit) => unit.selected)}
            onChange={(event) => commit(units[Number(event.target.value)]?.operations ?? [])}
          >
            {units.map((unit, i) => (
              <option key={unit.label} value={i}>
                {unit.label}
              </option>
            ))}
          </select>
        )}
      </span>
      {said && <em className="problem">{said}</em>}
    </label>
  );
}
