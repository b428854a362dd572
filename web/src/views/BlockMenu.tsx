import { Dropdown } from 'antd';
import { useEffect, useState } from 'react';
import { useStage } from '../document/stage';
import { COMMANDS } from './commands';

/** Where blocks are seen: a card of the page, a ribbon, its name, the picture. */
const BLOCKS = '.block, [data-ribbon], [data-row], .overlay';

/** The commands of blocks, on right click and on the menu key. */
export function BlockMenu() {
  const [at, setAt] = useState<{ x: number; y: number } | null>(null);
  useEffect(() => {
    const open = (event: MouseEvent) => {
      const target = event.target instanceof Element ? event.target : null;
      // Words and numbers keep the browser's own menu.
      if (event.defaultPrevented || target?.closest('input, textarea')) return;
      const place = target?.closest(BLOCKS);
      if (!place) return;
      const { block, others, set } = useStage.getState();
      const { block: card, ribbon, row } = (place as HTMLElement).dataset;
      const own = card ?? ribbon ?? row;
      if (own && own !== block && !others.includes(own)) set({ block: own });
      event.preventDefault();
      setAt({ x: event.clientX, y: event.clientY });
    };
    window.addEventListener('contextmenu', open);
    return () => window.removeEventListener('contextmenu', open);
  }, []);
  return (
    <Dropdown
      open={at !== null}
      onOpenChange={(open) => !open && setAt(null)}
      trigger={['click']}
      autoFocus
      menu={{
        'aria-label': 'What can be done to the chosen blocks',
        items: COMMANDS.map((command) => ({
          key: command.id,
          label: command.name,
          extra: command.keys,
          disabled: at !== null && !command.can(),
          danger: command.id === 'remove',
        })),
        onClick: ({ key }) => {
          setAt(null);
          COMMANDS.find((command) => command.id === key)?.run();
        },
      }}
    >
      <span className="menuPlace" style={{ left: at?.x ?? 0, top: at?.y ?? 0 }} />
    </Dropdown>
  );
}
