import { useEffect, useRef, useState, type ComponentProps } from 'react';
import type { Block } from '../api/client';
import { useStage } from '../document/stage';
import { BlockCard } from './BlockCard';

/** Cards this far from what is seen, in px, are drawn, so that scrolling finds them there. */
const BEYOND_PX = 500;
/** What a card takes that has not been drawn yet. */
const USUAL_PX = { full: 330, short: 170, words: 60 };

const wordsOf = (block: Block) => (block.kind === 'text' && block.text) || block.name;

/** A card of a page with hundreds of them: away from what is seen only its words stand, as high as the card. */
export function NearCard(card: ComponentProps<typeof BlockCard>) {
  const { block } = card;
  const place = useRef<HTMLDivElement>(null);
  const [near, setNear] = useState(false);
  const [height, setHeight] = useState<number | null>(null);
  const selected = useStage((state) => state.block === block.id);
  const renaming = useStage((state) => state.renaming?.at === 'page' && state.renaming.block === block.id);
  const usual = useStage((state) => USUAL_PX[state.density]);
  const set = useStage((state) => state.set);
  useEffect(() => {
    const element = place.current;
    if (!element) return;
    const observer = new IntersectionObserver(
      ([entry]) => {
        if (!entry) return;
        if (!entry.isIntersecting) setHeight(entry.boundingClientRect.height);
        setNear(entry.isIntersecting);
      },
      { root: element.closest('.page'), rootMargin: `${BEYOND_PX}px 0px` },
    );
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return (
    <div ref={place}>
      {near || selected || renaming ? (
        <BlockCard {...card} />
      ) : (
        <button
          className="awayCard"
          data-block={block.id}
          style={{ height: height ?? usual }}
          onFocus={() => set({ block: block.id })}
        >
          {wordsOf(block)}
        </button>
      )}
    </div>
  );
}
