import { Button } from 'antd';
import type { Scene } from '../api/client';
import { editCaption, type Caption, type CaptionLine } from '../document/captions';
import { editOrSay } from '../document/edit';
import { useStage } from '../document/stage';

/** What a caption reads as that is put in, until it is typed. */
export const NEW_CAPTION = 'New caption';

/** What can be done to the chosen caption, and what is the matter with it. */
export function ChosenCaption({
  scene,
  caption,
  line,
}: {
  scene: Scene;
  caption: Caption;
  line: CaptionLine;
}) {
  const own = line.own?.length ?? 0;
  const too = useStage((state) => state.captionsToo);
  const faults = [...new Set(Object.values(caption.faults).flat())];
  const tool = (label: string, title: string, act: () => void) => (
    <button className="roomTool" title={title} onClick={act}>
      {label}
    </button>
  );
  return (
    <footer className="chosenCaption">
      {faults.length > 0 && <p className="unsure">It {faults.join('; it ')}.</p>}
      <div className="captionDeeds">
        {tool('split', 'Into two, at the playhead or in its middle (S)', () =>
          editCaption(scene.id, caption.id, 'split', { frame: useStage.getState().frame }),
        )}
        {tool('join', 'With the next one (J)', () => editCaption(scene.id, caption.id, 'join'))}
        {tool('insert', 'Another one after it (I)', () =>
          editCaption(scene.id, caption.id, 'insert', { text: NEW_CAPTION }),
        )}
        {tool('take away', 'Take it away (Delete)', () => editCaption(scene.id, caption.id, 'remove'))}
        {line.byHand &&
          scene.captions?.sound &&
          tool('may be made anew', 'It was set by hand and stays when captions are made again', () =>
            editCaption(scene.id, caption.id, 'free'),
          )}
        {own > 0 && (
          <>
            <span className="quiet">dressed by itself:</span>
            {tool('as all others', 'Takes away what is other in it', () =>
              editCaption(scene.id, caption.id, 'likeOthers'),
            )}
            <Button
              size="small"
              onClick={() => editOrSay({ kind: 'giveCaption', scene: scene.id, caption: caption.id, to: [] })}
            >
              give it to all
            </Button>
            {too.length > 0 && (
              <Button
                size="small"
                onClick={() =>
                  editOrSay({ kind: 'giveCaption', scene: scene.id, caption: caption.id, to: too })
                }
              >
                give it to these {too.length}
              </Button>
            )}
            {too.length === 0 && (
              <span className="quiet">Shift or Ctrl and click chooses others to give it to.</span>
            )}
          </>
        )}
      </div>
    </footer>
  );
}
