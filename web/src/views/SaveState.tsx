import { useDocument } from '../document/store';

const SAVE_TEXT = {
  saved: 'Saved',
  saving: 'Saving…',
  waiting: 'Not saved yet – kept here, trying again',
  refused: 'Not saved',
};

/** Whether everything is saved, or the last thing that there is to say. */
export function SaveState() {
  const save = useDocument((state) => state.save);
  const message = useDocument((state) => state.message);
  return (
    <span className={`saveState ${save}`} role="status">
      {message && save !== 'waiting' ? message : SAVE_TEXT[save]}
    </span>
  );
}
