import { postJson, type Intent, type Operation, type Project, type Scene, type Wish } from '../api/client';
import { isBase } from './overrides';
import { applyPatch } from './patch';
import { useStage } from './stage';

/** What the core makes of a wish. */
export interface Outcome {
  operations: Operation[];
  /** The scene with the version and the conditions that are looked at in it then. */
  version?: Scene;
  scene: string;
  /** The block to be chosen afterwards; empty for those that are chosen. */
  block: string;
  said: string;
}

/** A wish whose answer is on its way. */
export interface Pending {
  wish: Wish;
  /** The same as changes of what is shown, for what is drawn until then. */
  operations: Operation[];
  merge?: string;
  origin?: string;
  answered: (outcome: Outcome) => void;
  failed: (error: unknown) => void;
}

/** A wish of what stands in the project, whatever version is looked at: a ghost or a card, that is never kept. */
export function lookOf(intent: Intent): Wish {
  const { looking, ...wish } = wishOf(intent);
  return { ...wish, looking: { ...looking, row: undefined, pinned: undefined, condition: undefined } };
}

export function wishOf(intent: Intent): Wish {
  const { row, pinned, condition } = useStage.getState();
  const { scene, format, everywhere, frame, recording, holding, caption, captionAlone } = useStage.getState();
  const looking = {
    scene,
    format,
    everywhere,
    frame,
    recording,
    holding,
    ...(row ? { row, pinned } : {}),
    ...(condition ? { condition } : {}),
  };
  return { intent, looking: captionAlone && caption ? { ...looking, caption } : looking };
}

/** Asks the core what becomes of a wish, on a document that need not be saved. */
export const answerTo = (project: string, base: number, unsaved: Operation[], wish: Wish): Promise<Outcome> =>
  postJson<Outcome>(`/api/projects/${project}/edit`, {
    draft: {
      base,
      patch: { operations: unsaved },
      scene: wish.looking.scene,
      format: wish.looking.format,
      row: wish.looking.row,
      condition: wish.looking.condition,
    },
    wish,
  });

/** The rules of captions: what is changed in them makes captions anew. */
const IN_RULES = /^scenes\/[^/]+\/captions\/rules(\/|$)/;
const IN_BLOCK = /^scenes\/([^/]+)\/blocks\/[^/]+\//;

/**
 * Whether a change of what is shown may come to something else in the document, so that the core has to be asked: while a version, a
 * condition or a format is looked at or keys are recorded, where there are keys or a shared move, where one caption is meant alone, and where captions are made
 * anew by other rules. What it comes to is not known here.
 */
export function mustAsk(document: Project, operations: Operation[]): boolean {
  const { format, everywhere, recording, captionAlone, row, version, condition } = useStage.getState();
  // What is shown is told by the server: what changes in it is shown as wished until it has answered.
  if ((row || version) && operations.some((one) => one.at.startsWith('scenes/'))) return true;
  return operations.some((operation) => {
    if (IN_RULES.test(operation.at)) return true;
    const [, id] = IN_BLOCK.exec(operation.at) ?? [];
    const scene = document.scenes.find((one) => one.id === id);
    if (!scene || operation.op === 'splice') return false;
    if (recording || captionAlone || condition || (!everywhere && !isBase(scene, format))) return true;
    const nodes = nodesOn(scene, operation.at.split('/').slice(2));
    return nodes.some((node) => node.shared) || Boolean(nodes.at(-1)?.track);
  });
}

type Node = { shared?: unknown; track?: unknown } & Record<string, unknown>;

/** All that stands along a path, as far as it leads. */
function nodesOn(root: unknown, path: string[]): Node[] {
  const nodes: Node[] = [];
  let node = root;
  for (const step of path) {
    node = Array.isArray(node)
      ? (node as { id?: string }[]).find((one) => one.id === step)
      : (node as Record<string, unknown>)[step];
    if (typeof node !== 'object' || node === null) break;
    nodes.push(node as Node);
  }
  return nodes;
}

/** What is shown with what is wished: until the core has answered, numbers stand as they were set. Keys are left to the answer. */
export function withWished<T>(shown: T, operations: Operation[]): T {
  const plain = operations.filter((one) => !nodesOn(shown, one.at.split('/')).at(-1)?.track);
  if (plain.length === 0) return shown;
  try {
    return applyPatch(shown, plain).document;
  } catch {
    // What no longer fits is not shown.
    return shown;
  }
}
