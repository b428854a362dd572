import { useCallback, useEffect, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { usePicture } from '../painter/usePicture';
import type { Message, Told } from '../picture/secondWindow';

/** The picture alone, in a window of its own: what the workbench that opened it shows. */
export function PictureWindow() {
  const [search] = useSearchParams();
  const name = search.get('channel');
  const paint = search.get('paint') === 'software' ? 'software' : 'quickest';
  const canvas = useRef<HTMLCanvasElement>(null);
  const [seen, setSeen] = useState<Told['seen']>();
  const [gone, setGone] = useState(name === null);
  const now = useRef({ frame: 0, playing: false });
  const show = useRef<() => void>(() => undefined);
  const picture = usePicture(
    canvas,
    useCallback(() => show.current(), []),
    useCallback(() => undefined, []),
    paint,
  );
  useEffect(() => {
    show.current = () => {
      const { frame, playing } = now.current;
      if (picture?.show(frame, !playing) && canvas.current) canvas.current.dataset.shown = String(frame);
      else picture?.frames.want(frame);
    };
  }, [picture]);
  useEffect(() => {
    if (!name || !picture) return;
    const channel = new BroadcastChannel(name);
    channel.onmessage = ({ data }: MessageEvent<Message>) => {
      if (data === 'gone') setGone(true);
      if (typeof data !== 'object') return;
      now.current = data;
      if (data.seen) {
        setSeen(data.seen);
        picture.frames.use(data.seen.draft, Math.min(data.frame, data.seen.draft.length - 1));
      }
      show.current();
    };
    channel.postMessage('all' satisfies Message);
    const leave = () => channel.postMessage('gone' satisfies Message);
    addEventListener('pagehide', leave);
    return () => {
      removeEventListener('pagehide', leave);
      channel.close();
    };
  }, [name, picture]);
  useEffect(() => {
    // A canvas of another size is empty.
    show.current();
    if (seen) document.title = `${seen.name} · Knollwind`;
  }, [seen]);
  return (
    <main className="pictureWindow">
      <canvas
        ref={canvas}
        width={seen?.width ?? 16}
        height={seen?.height ?? 9}
        hidden={gone}
        role="img"
        aria-label={`The picture of ${seen?.name ?? 'the scene'}`}
      />
      {gone && <p>The workbench that showed this picture was closed. Open the picture again from there.</p>}
    </main>
  );
}
