import { useDocument } from './store';
import { useStage } from './stage';

/** Ends when this is so, looked at whenever the document or the stage changes, or after so many ms. */
export function until(isSo: () => boolean, most: number): Promise<void> {
  return new Promise((resolve) => {
    if (isSo()) return resolve();
    const timer = setTimeout(done, most);
    const look = () => isSo() && done();
    const forget = [useDocument.subscribe(look), useStage.subscribe(look)];
    function done() {
      clearTimeout(timer);
      forget.forEach((one) => one());
      resolve();
    }
  });
}
