import { Button } from 'antd';
import { useStage } from '../document/stage';

/** Says which condition is shown as if it held, and that changes are meant for it alone. */
export function ConditionBar() {
  const condition = useStage((state) => state.condition);
  const told = useStage((state) => state.page?.conditions.find((one) => one.id === state.condition));
  if (!condition) return null;
  return (
    <div className="versionBar" role="group" aria-label="Condition">
      <span className="quiet">Shown, and changes are for</span>
      <b title={told?.sentence}>{told?.sentence}</b>
      <span className="spring" />
      <Button size="small" type="text" onClick={() => useStage.getState().set({ condition: null })}>
        Always
      </Button>
    </div>
  );
}
