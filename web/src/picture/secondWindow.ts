import { draftNow, useDocument } from '../document/store';
import { useStage } from '../document/stage';
import type { Draft } from '../painter/frames';

/** What a second window is told: all of what is looked at whenever that changes, and each frame. */
export interface Told {
  seen?: { draft: Draft; width: number; height: number; name: string };
  frame: number;
  playing: boolean;
}

/** What goes over the channel: what is told, a window that asks for all of it, and either side going. */
export type Message = Told | 'all' | 'gone';

const SIZE = 'popup,width=1000,height=600';

/** What decides what is seen, frame aside. */
function seenNow(): Told['seen'] | undefined {
  const { id, document } = useDocument.getState();
  const { scene: open, format: wanted, editing } = useStage.getState();
  const scene = document?.scenes.find((one) => one.id === open);
  const format = scene?.formats.find((one) => one.id === wanted) ?? scene?.formats[0];
  if (!scene || !format) return undefined;
  const draft = {
    project: id,
    ...draftNow(),
    scene: scene.id,
    format: format.id,
    resting: editing,
    length: scene.length,
    piece: Math.max(1, Math.round(scene.rate.numerator / scene.rate.denominator)),
    blurred: Boolean(scene.blur?.shutter),
  };
  return { draft, width: format.width, height: format.height, name: scene.name };
}

/** Opens the picture in a window of its own, for a second screen; it shows what is seen here until either is closed. */
export function openSecondWindow(): void {
  const channel = new BroadcastChannel(`picture ${crypto.randomUUID()}`);
  const address = `/projects/${useDocument.getState().id}/picture?channel=${encodeURIComponent(channel.name)}`;
  if (!window.open(address, channel.name, SIZE)) {
    channel.close();
    useDocument.setState({ message: 'The browser lets no second window open here. Allow it for this page.' });
    return;
  }
  const tell = (message: Message) => channel.postMessage(message);
  const state = () => {
    const { frame, playing } = useStage.getState();
    return { frame, playing };
  };
  const all = () => tell({ ...state(), seen: seenNow() });
  const stops = [
    useDocument.subscribe((now, before) => {
      const same = (['document', 'live', 'gesture', 'pending'] as const).every(
        (key) => now[key] === before[key],
      );
      if (!same) all();
    }),
    useStage.subscribe((now, before) => {
      const same = (['scene', 'format', 'editing', 'fonts'] as const).every(
        (key) => now[key] === before[key],
      );
      if (!same) all();
      else if (now.frame !== before.frame || now.playing !== before.playing) tell(state());
    }),
  ];
  const leave = () => tell('gone');
  addEventListener('pagehide', leave);
  channel.onmessage = ({ data }: MessageEvent<Message>) => {
    if (data === 'all') all();
    if (data !== 'gone') return;
    stops.forEach((stop) => stop());
    removeEventListener('pagehide', leave);
    channel.close();
  };
}
