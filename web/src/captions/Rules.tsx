import type { Scene } from '../api/client';
import { chooseCaption } from '../document/captions';
import { useStage } from '../document/stage';
import { SentenceLine } from '../page/SentenceLine';
import type { Told } from '../page/TypedSentence';

const THE_RULES: Told = { of: 'captions' };

/** By which rules captions are made, as a sentence whose parts are the controls, and how many of them break some. */
export function Rules({ scene }: { scene: Scene }) {
  const told = useStage((state) => state.captions);
  const script = told?.script;
  if (!script || !scene.captions) return null;
  const broken = script.lines.filter((one) => one.faults[script.shown]);
  return (
    <div className="captionRules">
      <SentenceLine sentence={script.rules} text="" active short={false} told={THE_RULES} />
      {broken.length > 0 && (
        <p className="unsure">
          {broken.length === 1 ? 'One caption breaks a rule. ' : `${broken.length} captions break a rule. `}
          <button
            className="linked"
            onClick={() => {
              const after = broken.findIndex((one) => one.id === useStage.getState().caption);
              chooseCaption(broken[(after + 1) % broken.length]!);
            }}
          >
            the next one
          </button>
        </p>
      )}
    </div>
  );
}
