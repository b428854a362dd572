import createClient from 'openapi-fetch';
import type { components, paths } from './generated';

type S = components['schemas'];

export type Project = S['Project'];
export type Scene = S['Scene'];
export type Block = S['Block'];
export type TextBlock = S['TextBlock'];
export type ShapeBlock = S['ShapeBlock'];
export type Fill = S['Fill'];
export type Filling = S['Filling'];
export type Format = S['Format'];
export type FrameShape = S['FrameShape'];
export type Sound = S['Sound'];
export type Heard = S['Heard'];
export type VoiceWord = S['VoiceWord'];
export type Aligned = S['Aligned'];
export type ReadScript = S['ReadScript'];
export type ReadyLook = S['ReadyLook'];
export type BarFit = S['BarFit'];
export type FoundBeats = S['FoundBeats'];
export type PageView = S['PageView'];
export type CaptionsView = S['CaptionsView'];
export type MadeRecording = S['MadeRecording'];
export type Speaker = S['Speaker'];
export type CaptionForm = S['CaptionFormView'];
export type BlockView = S['BlockView'];
export type Sentence = S['Sentence'];
export type Segment = S['Segment'];
export type Beginning = NonNullable<S['NewProjectRequest']['beginning']>;
export type Part = S['Part'];
export type PhaseScript = S['PhaseScript'];
export type Edit = S['Edit'];
export type ExportView = S['ExportView'];
export type ExportOrder = S['ExportOrder'];
type Given = S['Wish']['intent'];
/** Operations of intents are of our own type, whose values are told apart. */
export type Intent =
  | Exclude<Given, { kind: 'setValues' } | { kind: 'doAgain' | 'doTogether' }>
  | { kind: 'setValues'; operations: Operation[] }
  | { kind: 'doAgain' | 'doTogether'; done: Operation[]; blocks: string[] };

/** What is wanted of the document, and where the user was. */
export interface Wish {
  intent: Intent;
  looking: S['Looking'];
}

export type Operation =
  | { op: 'set'; at: string; value: unknown }
  | { op: 'clear'; at: string }
  | { op: 'insert'; at: string; index: number; value: unknown }
  | { op: 'remove'; at: string }
  | { op: 'reorder'; at: string; index: number }
  | { op: 'splice'; at: string; from: number; removed: number; inserted: string };

export type Option = Omit<S['Option'], 'operations'> & { operations: Operation[] };
export type NumberControl = Omit<S['Number'], 'kind' | 'units'> & { kind: 'number'; units?: Option[] };
export type ChoiceControl = { kind: 'choice'; label: string; options: Option[] };
export type CurveControl = Omit<S['Curve'], 'kind' | 'options'> & { kind: 'curve'; options: Option[] };
export type PictureControl = { kind: 'picture'; label: string; at: string };
export type HandControl = { kind: 'hand'; label: string; units: string[]; at: string };
export type KeysControl = Omit<S['Keys'], 'kind'> & { kind: 'keys' };
export type PadControl = Omit<S['Pad'], 'kind'> & { kind: 'pad' };
export type TapsControl = Omit<S['Taps'], 'kind'> & { kind: 'taps' };
export type KeyHereControl = Omit<S['KeyHere'], 'kind'> & { kind: 'keyHere' };
export type NestedLine = S['NestedLine'];
export type NestedControl = { kind: 'nested'; label: string; lines: NestedLine[]; at: string };
export type TintControl = Omit<S['Tint'], 'kind'> & { kind: 'tint' };
export type TurnControl = { kind: 'turn'; label: string; place: number; places: Option[] };
export type FamilyOption = Omit<S['FamilyOption'], 'operations'> & { operations: Operation[] };
export type FamiliesControl = { kind: 'families'; label: string; options: FamilyOption[] };
export type Control =
  | NumberControl
  | ChoiceControl
  | CurveControl
  | TintControl
  | FamiliesControl
  | PictureControl
  | HandControl
  | KeysControl
  | PadControl
  | TapsControl
  | KeyHereControl
  | TurnControl
  | NestedControl;

export const api = createClient<paths>({ baseUrl: '' });

/** What the server says when something cannot be done (RFC 9457). */
export interface Problem {
  status: number;
  detail: string;
  position?: number;
  end?: number;
  suggestions?: string[];
  path?: string;
  revision?: number;
  document?: Project;
}

/** A request that failed: refused by the server, or never answered (status 0). */
export class RequestError extends Error {
  constructor(readonly problem: Problem) {
    super(problem.detail);
  }
}

const UNREACHABLE: Problem = {
  status: 0,
  detail: 'The server does not answer. Your change is kept in this page and saved as soon as it is back.',
};

/** Posts JSON and gives the raw answer; failures become RequestErrors. */
export function post(url: string, body: unknown, signal?: AbortSignal): Promise<Response> {
  return send(url, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
    signal,
  });
}

/** Sends a file as it is, under its name, with what else is to be known of it. */
export async function upload<T>(url: string, file: File, also: Record<string, string> = {}): Promise<T> {
  const answer = await send(`${url}?${new URLSearchParams({ name: file.name, ...also })}`, {
    method: 'POST',
    headers: { 'Content-Type': file.type || 'application/octet-stream' },
    body: file,
  });
  return answer.json() as Promise<T>;
}

async function send(url: string, request: RequestInit): Promise<Response> {
  let response: Response;
  try {
    response = await fetch(url, request);
  } catch {
    throw new RequestError(UNREACHABLE);
  }
  if (!response.ok) {
    const problem = (await response.json().catch(() => null)) as Problem | null;
    throw new RequestError(
      problem ?? { status: response.status, detail: `The server answered ${response.status}.` },
    );
  }
  return response;
}

export async function getJson<T>(url: string): Promise<T> {
  return (await send(url, {})).json() as Promise<T>;
}

export async function postJson<T>(url: string, body: unknown, signal?: AbortSignal): Promise<T> {
  return (await post(url, body, signal)).json() as Promise<T>;
}
