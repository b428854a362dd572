import { Button, Input } from 'antd';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef, useState, type PointerEvent } from 'react';
import { postJson, type CurveControl } from '../api/client';
import { useDocument } from '../document/store';
import { useCommit } from './drawerCommit';
import { useStage } from '../document/stage';
import { bezierText, ladderText } from './curves';

const WIDE = 190;
const HIGH = 150;
const EDGE = 12;
/** Room for curves that go beyond their ends. */
const BEYOND = 0.35;

const across = (x: number) => EDGE + x * (WIDE - 2 * EDGE);
const up = (y: number) => HIGH - EDGE - ((y + BEYOND) / (1 + 2 * BEYOND)) * (HIGH - 2 * EDGE);
const xAt = (px: number) => (px - EDGE) / (WIDE - 2 * EDGE);
const yAt = (px: number) => ((HIGH - EDGE - px) / (HIGH - 2 * EDGE)) * (1 + 2 * BEYOND) - BEYOND;

interface OwnCurve {
  name: string;
  function: string;
}

/** An easing: its curve with handles, its spacing frame by frame, names to choose from, and the function to type. */
export function CurveEditor({ control }: { control: CurveControl }) {
  const commit = useCommit();
  const preview = useDocument((state) => state.preview);
  const [typed, setTyped] = useState(control.function);
  const [problem, setProblem] = useState('');
  const set = (value: string) => [{ op: 'set' as const, at: control.at, value }];
  const take = async () => {
    try {
      const read = await postJson<{ function: string }>('/api/directions/easing', { function: typed });
      if (read.function !== control.function) commit(set(read.function));
    } catch (error) {
      setProblem(error instanceof Error ? error.message : String(error));
    }
  };
  const last = useRef(control.function);
  useEffect(() => {
    const before = last.current;
    last.current = control.function;
    // What is being typed stays; only a field that shows what was follows.
    setTyped((now) => (now === before ? control.function : now));
  }, [control.function]);

  const changed = useRef<string | null>(null);
  /** Drags a point of the graph or the ladder; what it makes of the function is shown at once and kept when it is let go. */
  const drag = (make: (x: number, y: number) => string) => ({
    onPointerDown: (event: PointerEvent<SVGElement>) => {
      event.preventDefault();
      event.stopPropagation();
      event.currentTarget.setPointerCapture(event.pointerId);
      changed.current = null;
    },
    onPointerMove: (event: PointerEvent<SVGElement>) => {
      if (!event.currentTarget.hasPointerCapture(event.pointerId)) return;
      const box = event.currentTarget.ownerSVGElement!.getBoundingClientRect();
      changed.current = make(xAt(event.clientX - box.left), yAt(event.clientY - box.top));
      preview(set(changed.current));
    },
    onPointerUp: () => {
      if (changed.current) commit(set(changed.current));
      changed.current = null;
    },
    onPointerCancel: () => {
      changed.current = null;
      preview([]);
    },
  });

  const count = control.samples.length - 1;
  const points = control.samples.map((value, i) => `${across(i / count)},${up(value)}`).join(' ');
  const [x1, y1, x2, y2] = control.bezier as [number, number, number, number];
  const hasHandles = control.bezier.length === 4;
  const chosen = control.options.findIndex((option) => option.selected);
  return (
    <div className="curve">
      <svg width={WIDE} height={HIGH} aria-label="Progress over time">
        <line x1={across(0)} y1={up(0)} x2={across(1)} y2={up(0)} />
        <line x1={across(0)} y1={up(1)} x2={across(1)} y2={up(1)} />
        {hasHandles && (
          <>
            <line className="arm" x1={across(0)} y1={up(0)} x2={across(x1)} y2={up(y1)} />
            <line className="arm" x1={across(1)} y1={up(1)} x2={across(x2)} y2={up(y2)} />
          </>
        )}
        <polyline points={points} />
        {hasHandles && (
          <>
            <circle
              data-handle="first"
              cx={across(x1)}
              cy={up(y1)}
              r={6}
              {...drag((x, y) => bezierText(x, y, x2, y2))}
            />
            <circle
              data-handle="second"
              cx={across(x2)}
              cy={up(y2)}
              r={6}
              {...drag((x, y) => bezierText(x1, y1, x, y))}
            />
          </>
        )}
      </svg>
      <svg className="ladder" width={64} height={HIGH} aria-label="Spacing, frame by frame">
        <line x1={32} y1={up(0)} x2={32} y2={up(1)} />
        {control.ladder.map((value, i) => (
          <line
            key={i}
            className={i === 0 || i === control.ladder.length - 1 ? 'rung end' : 'rung'}
            data-rung={i}
            x1={18}
            x2={46}
            y1={up(value)}
            y2={up(value)}
            {...(i > 0 && i < control.ladder.length - 1
              ? drag((_, y) => ladderText(control.ladder, i, y))
              : {})}
          />
        ))}
      </svg>
      <Runner control={control} />
      <div className="buttons">
        {control.options.map((option, i) => (
          <Button
            key={option.label}
            size="small"
            type={i === chosen ? 'primary' : 'default'}
            onClick={() => commit(option.operations)}
          >
            {option.label}
          </Button>
        ))}
        {!hasHandles && (
          <Button size="small" onClick={() => commit(set('cubic-bezier(0.4, 0, 0.2, 1)'))}>
            with handles
          </Button>
        )}
      </div>
      <OwnCurves now={control.function} choose={(value) => commit(set(value))} />
      <div className="functionLine">
        <input
          className="functionText"
          aria-label="Easing function"
          value={typed}
          spellCheck={false}
          onChange={(event) => {
            setTyped(event.target.value);
            setProblem('');
          }}
          onKeyDown={(event) => {
            if (event.key === 'Enter') void take();
          }}
        />
        {problem && <p className="problem">{problem}</p>}
      </div>
    </div>
  );
}

/** A ball and the first word of the block, running along the curve at the move's own pace. */
function Runner({ control }: { control: CurveControl }) {
  const ball = useRef<HTMLElement>(null);
  const word = useRef<HTMLElement>(null);
  const text = useDocument((state) => state.document)
    ?.scenes.flatMap((scene) => scene.blocks)
    .find((block) => control.at.includes(`/blocks/${block.id}/`));
  const scene = useDocument((state) => state.document)?.scenes.find((one) =>
    control.at.startsWith(`scenes/${one.id}/`),
  );
  const playing = useStage((state) => state.playing);
  const first = text?.kind === 'text' ? (text.text.trim().split(/\s+/)[0] ?? '') : '';
  useEffect(() => {
    if (playing || !scene) return;
    const frames = control.ladder.length - 1;
    const length = (frames / (scene.rate.numerator / scene.rate.denominator)) * 1000;
    const rest = 700;
    const stops = control.samples.map((value, i) => ({
      left: `${value * 100}%`,
      offset: (i / (control.samples.length - 1)) * (length / (length + rest)),
    }));
    const frame = [...stops, { left: '100%', offset: 1 }];
    const running = [ball.current, word.current].map((element) =>
      element?.animate(frame, { duration: length + rest, iterations: Infinity }),
    );
    return () => running.forEach((one) => one?.cancel());
  }, [control.samples, control.ladder.length, scene, playing]);
  return (
    <div className="runner" aria-hidden>
      <span>
        <i ref={ball} className="ball" />
      </span>
      <span>
        <b ref={word}>{first.slice(0, 8)}</b>
      </span>
    </div>
  );
}

/** Curves that were saved by name, for all projects. */
function OwnCurves({ now, choose }: { now: string; choose: (value: string) => void }) {
  const client = useQueryClient();
  const { data: curves = [] } = useQuery({
    queryKey: ['curves'],
    queryFn: async () => (await (await fetch('/api/curves')).json()) as OwnCurve[],
  });
  const [name, setName] = useState<string | null>(null);
  const renew = () => client.invalidateQueries({ queryKey: ['curves'] });
  const save = async () => {
    await postJson('/api/curves', { name: name!.trim(), function: now });
    setName(null);
    await renew();
  };
  return (
    <div className="buttons ownCurves">
      {curves.map((curve) => (
        <Button
          key={curve.name}
          size="small"
          type={curve.function === now ? 'primary' : 'default'}
          title={`${curve.function} · right click deletes it`}
          onClick={() => choose(curve.function)}
          onContextMenu={(event) => {
            event.preventDefault();
            void fetch(`/api/curves/${encodeURIComponent(curve.name)}`, { method: 'DELETE' }).then(renew);
          }}
        >
          {curve.name}
        </Button>
      ))}
      {name === null ? (
        <Button size="small" type="text" onClick={() => setName('')}>
          save this curve
        </Button>
      ) : (
        <Input
          autoFocus
          size="small"
          placeholder="Name, then Enter"
          aria-label="Name of the curve"
          maxLength={60}
          value={name}
          onChange={(event) => setName(event.target.value)}
          onKeyDown={(event) => {
            event.stopPropagation();
            if (event.key === 'Escape') setName(null);
            else if (event.key === 'Enter' && name.trim()) void save();
          }}
        />
      )}
    </div>
  );
}
