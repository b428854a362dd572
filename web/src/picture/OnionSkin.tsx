import { memo, useEffect, useRef } from 'react';
import type { Format, Project, Scene } from '../api/client';
import { draftNow, useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { stills } from '../painter/still';

const EACH_SIDE = 3;
const NEAREST = 0.34;

/** Frames before and after the one that is shown, shining through it: fainter the farther, earlier ones cool, later ones warm. */
export const OnionSkin = memo(function OnionSkin({
  project,
  scene,
  format,
  width,
  height,
}: {
  project: Project;
  scene: Scene;
  format: Format;
  width: number;
  height: number;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const apart = useStage((state) => state.onion);
  const playing = useStage((state) => state.playing);
  const frame = useStage((state) => state.frame);
  const live = useDocument((state) => state.live);
  const gesture = useDocument((state) => state.gesture);
  const pending = useDocument((state) => state.pending);
  const shows = apart > 0 && !playing;
  useEffect(() => {
    const target = canvas.current?.getContext('2d');
    if (!target || !shows) return;
    let gone = false;
    target.canvas.dataset.skins = '';
    const paint = async () => {
      const wanted = [...Array(2 * EACH_SIDE).keys()]
        .map((i) => (i < EACH_SIDE ? i - EACH_SIDE : i - EACH_SIDE + 1) * apart)
        .filter((away) => frame + away >= 0 && frame + away < scene.length);
      const skins: HTMLCanvasElement[] = [];
      await stills(
        {
          project: project.id,
          ...draftNow(),
          scene: scene.id,
          format: format.id,
          resting: null,
          length: scene.length,
          piece: 1,
        },
        [frame, ...wanted.map((away) => frame + away)],
        width,
        height,
        (skin) => skins.push(skin),
        true,
      );
      if (gone) return;
      target.clearRect(0, 0, width, height);
      // The farthest first, so that nearer ones lie over them.
      const order = wanted.map((_, i) => i).sort((a, b) => Math.abs(wanted[b]!) - Math.abs(wanted[a]!));
      for (const i of order) {
        const skin = skins[i];
        const inks = skin?.getContext('2d');
        if (!skin || !inks) continue;
        inks.globalCompositeOperation = 'source-atop';
        inks.globalAlpha = 0.75;
        inks.fillStyle = wanted[i]! < 0 ? '#59a8d8' : '#f0a44a';
        inks.fillRect(0, 0, width, height);
        target.globalAlpha = NEAREST / (Math.abs(wanted[i]!) / apart) ** 0.7;
        target.drawImage(skin, 0, 0);
      }
      target.globalAlpha = 1;
      target.canvas.dataset.skins = wanted.map((away) => frame + away).join(' ');
    };
    // The picture itself comes first, and while something is dragged it is all there is.
    const timer = setTimeout(
      () => void paint().catch(() => undefined),
      live.length > 0 || gesture ? 120 : 40,
    );
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [shows, apart, frame, live, gesture, pending, project, scene, format, width, height]);
  if (!shows) return null;
  return (
    <canvas ref={canvas} className="onionSkin" width={width} height={height} style={{ width, height }} />
  );
});
