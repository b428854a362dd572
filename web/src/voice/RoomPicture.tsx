import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import type { Operation, Project, Scene, Sound } from '../api/client';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { frames } from '../document/times';
import { usePicture } from '../painter/usePicture';

const WIDTH = 264;
const HEIGHT = 190;

const NOTHING: Operation[] = [];

/** The picture at what is heard, small. */
export function RoomPicture({
  project,
  scene,
  sound,
  second,
  also = NOTHING,
  label,
}: {
  project: Project;
  scene: Scene;
  sound: Sound;
  second: number;
  /** What is not taken yet, and shown all the same. */
  also?: Operation[];
  label?: string;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [problem, setProblem] = useState('');
  const id = useStage((state) => state.format);
  const base = useDocument((state) => state.base);
  const own = useDocument((state) => state.unsaved);
  const unsaved = useMemo(() => (also.length > 0 ? [...own, ...also] : own), [own, also]);
  const format = scene.formats.find((one) => one.id === id) ?? scene.formats[0]!;
  const rate = scene.rate.numerator / scene.rate.denominator;
  const frame = Math.max(
    0,
    Math.min(scene.length - 1, Math.floor(frames(sound.start) + (second - (sound.from ?? 0)) * rate)),
  );
  const shown = useRef<(at: number) => void>(() => undefined);
  const picture = usePicture(
    canvas,
    useCallback((at: number) => shown.current(at), []),
    setProblem,
    'quickest',
  );
  useEffect(() => {
    shown.current = (at) => {
      if (at === frame) picture?.show(at);
    };
  });
  useEffect(() => {
    picture?.frames.use(
      {
        project: project.id,
        base,
        operations: unsaved,
        scene: scene.id,
        format: format.id,
        resting: null,
        length: scene.length,
        piece: Math.max(1, Math.round(rate)),
        film: false,
      },
      0,
    );
  }, [picture, project.id, base, unsaved, scene.id, format.id, scene.length, rate]);
  useEffect(() => {
    if (!picture) return;
    if (picture.frames.reel(frame)) shown.current(frame);
    else picture.frames.want(frame);
  }, [picture, frame, base, unsaved]);
  const scale = Math.min(WIDTH / format.width, HEIGHT / format.height);
  const width = Math.round(format.width * scale);
  const height = Math.round(format.height * scale);
  return (
    <div className="roomPicture">
      <canvas ref={canvas} width={width} height={height} style={{ width, height }} />
      {label && <p className="quiet">{label}</p>}
      {problem && <p className="problem">{problem}</p>}
    </div>
  );
}
