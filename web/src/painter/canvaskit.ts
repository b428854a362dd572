import CanvasKitInit, { type CanvasKit } from 'canvaskit-wasm';
import wasmUrl from 'canvaskit-wasm/bin/canvaskit.wasm?url';

let loading: Promise<CanvasKit> | undefined;

/** The graphics library, loaded once. */
export function loadCanvasKit(): Promise<CanvasKit> {
  loading ??= CanvasKitInit({ locateFile: () => wasmUrl });
  return loading;
}
