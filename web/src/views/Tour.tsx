import { Button } from 'antd';
import { useCallback, useEffect, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { STEPS, TOUR } from './tour';

/** Room between what is shown and the line around it, px. */
const AROUND = 4;

/** A walk through the workbench in five steps, which can be left at any of them. Nothing is covered that it speaks of. */
export function Tour() {
  const [search, setSearch] = useSearchParams();
  const [step, setStep] = useState(0);
  const going = search.has(TOUR);
  const shown = STEPS[step];
  const next = useRef<HTMLButtonElement>(null);
  const leave = useCallback(() => {
    setStep(0);
    setSearch(
      (now) => {
        now.delete(TOUR);
        return now;
      },
      { replace: true },
    );
  }, [setSearch]);
  useEffect(() => {
    if (!going) return;
    const press = (event: KeyboardEvent) => {
      if (event.key === 'Escape') leave();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [going, leave]);
  useEffect(() => {
    if (going) next.current?.focus();
  }, [going, step]);
  const box = useBox(going ? shown?.where : undefined);
  if (!going || !shown) return null;
  const last = step === STEPS.length - 1;
  return (
    <>
      {box && (
        <div
          className="tourLine"
          style={{
            left: box.left - AROUND,
            top: box.top - AROUND,
            width: box.width + 2 * AROUND,
            height: box.height + 2 * AROUND,
          }}
        />
      )}
      <section
        className={`tour ${box && box.left > window.innerWidth / 3 ? 'left' : 'right'}`}
        role="dialog"
        aria-label="A walk through the workbench"
      >
        <b>{shown.title}</b>
        <p>{shown.text}</p>
        <div className="tourFoot">
          <span className="quiet">
            {step + 1} of {STEPS.length}
          </span>
          <Button size="small" type="text" onClick={leave}>
            Leave
          </Button>
          <Button size="small" disabled={step === 0} onClick={() => setStep(step - 1)}>
            Back
          </Button>
          <Button ref={next} size="small" type="primary" onClick={() => (last ? leave() : setStep(step + 1))}>
            {last ? 'Done' : 'Next'}
          </Button>
        </div>
      </section>
    </>
  );
}

/** Where something is in the window, followed while the window changes; null while it is not there. */
function useBox(where: string | undefined): DOMRect | null {
  const [box, setBox] = useState<DOMRect | null>(null);
  useEffect(() => {
    if (where === undefined) return;
    const measure = () => {
      const found = document.querySelector(where)?.getBoundingClientRect() ?? null;
      setBox((now) => (now && found && same(now, found) ? now : found));
    };
    measure();
    // Pages fill up after they have opened, and parts are resized by their edges.
    const timer = window.setInterval(measure, 200);
    return () => window.clearInterval(timer);
  }, [where]);
  return where === undefined ? null : box;
}

const same = (one: DOMRect, other: DOMRect) =>
  one.left === other.left &&
  one.top === other.top &&
  one.width === other.width &&
  one.height === other.height;
