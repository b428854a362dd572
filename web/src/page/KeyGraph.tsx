import { Button, InputNumber, Select } from 'antd';
import { useContext, useRef, useState, type PointerEvent } from 'react';
import type { KeysControl, Operation } from '../api/client';
import { useDocument } from '../document/store';
import { DrawerOrigin, useCommit } from './drawerCommit';
import { keyAt, rangeOf, type Range } from './keys';
import { editOrSay } from '../document/edit';
import { useStage } from '../document/stage';

const WIDE = 300;
const HIGH = 130;
const EDGE = 12;

/** A channel's keys over the unit's own time. Keys are dragged; a double click makes one where the curve passes. */
export function KeyGraph({ control }: { control: KeysControl }) {
  const preview = useDocument((state) => state.preview);
  const commit = useCommit();
  const origin = useContext(DrawerOrigin);
  const [chosen, setChosen] = useState<string | null>(null);
  const self = useRef<SVGSVGElement>(null);
  const drag = useRef<{ id: string; range: Range; operations: Operation[] } | null>(null);
  const { keys, shown, suffix } = control;
  const range = drag.current?.range ?? rangeOf(control);
  const across = (x: number) => EDGE + x * (WIDE - 2 * EDGE);
  const up = (value: number) =>
    HIGH - EDGE - ((value - range.low) / (range.high - range.low)) * (HIGH - 2 * EDGE);
  const count = control.samples.length - 1;
  const points = control.samples.map((value, i) => `${across(i / count)},${up(value)}`).join(' ');
  const index = keys.findIndex((key) => key.id === chosen);
  const key = keys[index];
  const last = keys.length - 1;

  const spot = (event: { clientX: number; clientY: number }) => {
    const box = self.current!.getBoundingClientRect();
    const x = (event.clientX - box.left - EDGE) / (WIDE - 2 * EDGE);
    const y = (HIGH - EDGE - (event.clientY - box.top)) / (HIGH - 2 * EDGE);
    return { x, value: range.low + y * (range.high - range.low) };
  };
  const put = (id: string, x: number, value: number): Operation[] => {
    const i = keys.findIndex((one) => one.id === id);
    const { at, value: kept } = keyAt(control, i, x, value);
    return [
      ...(i > 0 && i < last ? [{ op: 'set' as const, at: `${control.at}/${id}/at`, value: at }] : []),
      { op: 'set', at: `${control.at}/${id}/value`, value: kept },
    ];
  };
  const move = (event: PointerEvent) => {
    if (!drag.current) return;
    const { x, value } = spot(event);
    drag.current.operations = put(drag.current.id, x, value);
    preview(drag.current.operations);
  };
  const add = (event: { clientX: number; clientY: number }) => {
    const { x, value } = spot(event);
    const i = keys.findIndex((one) => one.at > x);
    const before = keys[i - 1];
    if (i <= 0 || !before) return;
    const at = Math.round(x * 1000) / 1000;
    if (at <= before.at || at >= keys[i]!.at) return;
    const element = { at, value: round(value / shown), easing: 'linear' };
    const { format } = useStage.getState();
    editOrSay(
      { kind: 'addTo', list: control.at, format, stem: 'k', numbered: false, index: i, element },
      origin,
    );
  };
  const remove = () => {
    if (key && index > 0 && index < last) commit([{ op: 'remove', at: `${control.at}/${key.id}` }]);
    setChosen(null);
  };

  return (
    <div
      className="keyGraph"
      onKeyDown={(event) => {
        if (event.key !== 'Delete' && event.key !== 'Backspace') return;
        if ((event.target as HTMLElement).tagName === 'INPUT') return;
        event.preventDefault();
        remove();
      }}
    >
      <svg
        ref={self}
        width={WIDE}
        height={HIGH}
        tabIndex={0}
        aria-label={`Keys of ${control.label}`}
        onDoubleClick={add}
      >
        <line
          x1={across(0)}
          x2={across(1)}
          y1={up(control.samples[count] ?? 0)}
          y2={up(control.samples[count] ?? 0)}
        />
        <polyline points={points} />
        {keys.map((one, i) => (
          <rect
            key={one.id}
            data-key={one.id}
            className={one.id === chosen ? 'on' : ''}
            x={across(one.at) - 4}
            y={up(one.value * shown) - 4}
            width={8}
            height={8}
            transform={`rotate(45 ${across(one.at)} ${up(one.value * shown)})`}
            onPointerDown={(event) => {
              setChosen(one.id);
              // The last key is rest.
              if (i === last) return;
              event.currentTarget.setPointerCapture(event.pointerId);
              drag.current = { id: one.id, range, operations: [] };
            }}
            onPointerMove={move}
            onPointerUp={() => {
              const made = drag.current?.operations ?? [];
              drag.current = null;
              if (made.length > 0) commit(made);
            }}
            onPointerCancel={() => {
              drag.current = null;
              preview([]);
            }}
          />
        ))}
      </svg>
      {key && (
        <div className="row wide keyRow">
          <span>at</span>
          <InputNumber
            size="small"
            controls={false}
            aria-label="Time of the key"
            suffix="%"
            disabled={index === 0 || index === last}
            value={round(key.at * 100)}
            onChange={(value) =>
              value !== null && commit(put(key.id, value / 100, key.value * shown), `key ${key.id}`)
            }
          />
          <InputNumber
            size="small"
            controls={false}
            aria-label="Value of the key"
            suffix={suffix}
            disabled={index === last}
            value={round(key.value * shown)}
            onChange={(value) => value !== null && commit(put(key.id, key.at, value), `key ${key.id}`)}
          />
          {index < last && (
            <Select
              size="small"
              aria-label="Easing to the next key"
              popupMatchSelectWidth={false}
              value={key.easing ?? 'linear'}
              options={easingsOf(control, key.easing ?? 'linear')}
              onChange={(value: string) =>
                commit([{ op: 'set', at: `${control.at}/${key.id}/easing`, value }])
              }
            />
          )}
          {index > 0 && index < last && (
            <Button size="small" onClick={remove}>
              remove
            </Button>
          )}
        </div>
      )}
      <p className="note">Drag the keys; double-click makes a new one.</p>
    </div>
  );
}

const round = (value: number) => Number(value.toFixed(3)) + 0;

/** The ways to the next key by name; one of its own goes by its function. */
function easingsOf(control: KeysControl, now: string) {
  const named = control.easings.map(({ label, function: value }) => ({ value, label }));
  return named.some((one) => one.value === now) ? named : [{ value: now, label: now }, ...named];
}
