import { Button, Dropdown, Input, Modal, Popover } from 'antd';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { getJson, type CaptionForm, type Scene } from '../api/client';
import { chooseCaption, chosenCaptions, isDressing } from '../document/captions';
import { edit, editOrSay } from '../document/edit';
import { reasonOf } from '../document/reasons';
import { useStage } from '../document/stage';
import { useDocument } from '../document/store';
import { makeCaptions } from './BeginCaptions';
import { ReadFile } from './ReadFile';

/** What is done to all captions: made anew, read, written, moved, searched. */
export function CaptionTools({ scene }: { scene: Scene }) {
  const voices = useStage((state) => state.captions)?.voices ?? [];
  const row = scene.captions!;
  const touched = row.lines.filter((line) => line.byHand || (line.own?.length ?? 0) > 0).length;
  const again = voices.filter((voice) => voice.id !== row.sound);
  return (
    <>
      <div className="captionTools">
        {row.sound && (
          <Button size="small" onClick={() => void makeCaptions(scene)}>
            Make again
          </Button>
        )}
        {row.sound && touched > 0 && (
          <Button
            size="small"
            title="Also those that were set by hand"
            onClick={() => void makeCaptions(scene, { all: true })}
          >
            Make all again
          </Button>
        )}
        {again.map((voice) => (
          <Button key={voice.id} size="small" onClick={() => void makeCaptions(scene, { sound: voice.id })}>
            Make them from “{voice.name}”
          </Button>
        ))}
        <ReadFile scene={scene} label="Read a file" />
        <AddLanguage scene={scene} />
        <WriteFile scene={scene} />
        <AnotherDesign scene={scene} />
        <Button
          size="small"
          onClick={() =>
            Modal.confirm({
              title: 'Take all captions away?',
              content: 'Their words, times and designs go. Undo brings them back.',
              okText: 'Take them away',
              onOk: () => editOrSay({ kind: 'removeCaptions', scene: scene.id }),
            })
          }
        >
          Take away
        </Button>
      </div>
      <div className="captionTools">
        <FindWords scene={scene} />
        <MoveAll scene={scene} />
      </div>
    </>
  );
}

/** Another design to try: as it is now, or as other words of the scene are set and move. */
function AnotherDesign({ scene }: { scene: Scene }) {
  const words = scene.blocks.filter((block) => block.kind === 'text' && !isDressing(scene, block.id));
  return (
    <Dropdown
      trigger={['click']}
      menu={{
        items: [
          { key: '', label: 'as it is now, to be changed' },
          ...words.map((block) => ({ key: block.id, label: `as “${block.name}”` })),
        ],
        onClick: ({ key }) =>
          editOrSay({ kind: 'dressCaptions', scene: scene.id, ...(key ? { design: key } : {}) }),
      }}
    >
      <Button size="small">Another design</Button>
    </Dropdown>
  );
}

/** A column for the words of another language, to be typed in. */
function AddLanguage({ scene }: { scene: Scene }) {
  const [open, setOpen] = useState(false);
  const [name, setName] = useState('');
  const [tag, setTag] = useState('');
  const [problem, setProblem] = useState('');
  const add = async () => {
    const language = tag.trim();
    try {
      await edit({
        kind: 'addTo',
        list: `scenes/${scene.id}/captions/columns`,
        format: useStage.getState().format,
        stem: 'c',
        numbered: false,
        element: { name: name.trim(), ...(language ? { language } : {}) },
      });
      setOpen(false);
      setName('');
      setTag('');
      setProblem('');
    } catch (error) {
      setProblem(reasonOf(error));
    }
  };
  return (
    <Popover
      open={open}
      onOpenChange={setOpen}
      trigger="click"
      placement="bottomLeft"
      content={
        <form
          className="addLanguage"
          onSubmit={(event) => {
            event.preventDefault();
            if (name.trim()) void add();
          }}
        >
          <Input
            aria-label="Name of the language"
            placeholder="Deutsch"
            value={name}
            onChange={(event) => setName(event.target.value)}
          />
          <Input
            aria-label="Tag of the language"
            placeholder="de"
            value={tag}
            onChange={(event) => setTag(event.target.value)}
          />
          <Button htmlType="submit" type="primary" disabled={!name.trim()}>
            Add it
          </Button>
          {problem && <p className="problem">{problem}</p>}
        </form>
      }
    >
      <Button size="small">Another language</Button>
    </Popover>
  );
}

/** Captions as a file, in each form and language. */
function WriteFile({ scene }: { scene: Scene }) {
  const { data: forms = [] } = useQuery({
    queryKey: ['caption-forms'],
    queryFn: () => getJson<CaptionForm[]>('/api/caption-forms'),
    staleTime: Infinity,
  });
  const id = useDocument((state) => state.id);
  const saved = useDocument((state) => state.save === 'saved');
  const columns = scene.captions!.columns;
  const dressed = scene.captions!.lines.some((line) => (line.own?.length ?? 0) > 0);
  return (
    <Dropdown
      trigger={['click']}
      disabled={!saved}
      menu={{
        items: columns.flatMap((column) =>
          forms.map((form) => ({
            key: `${column.id} ${form.ending}`,
            label: (
              <a
                href={`/api/projects/${id}/scenes/${scene.id}/captions.${form.ending}?column=${column.id}`}
                download
              >
                {columns.length > 1 ? `${column.name}, ` : ''}
                {form.label}
                {dressed && !form.looks ? ', without what single captions have of their own' : ''}
              </a>
            ),
          })),
        ),
      }}
    >
      <Button size="small" title={saved ? '' : 'Your last change is saved first'}>
        Write a file
      </Button>
    </Dropdown>
  );
}

function FindWords({ scene }: { scene: Scene }) {
  const [find, setFind] = useState('');
  const [by, setBy] = useState('');
  const lines = scene.captions!.lines;
  const wanted = find.trim().toLowerCase();
  const found = wanted
    ? lines.filter((line) => Object.values(line.text).some((text) => text.toLowerCase().includes(wanted)))
    : [];
  const replace = async () => {
    const message = await edit({ kind: 'replaceInCaptions', scene: scene.id, find, by }).catch(reasonOf);
    useDocument.setState({ message });
  };
  const next = () => {
    const { caption, captions } = useStage.getState();
    const at = found.findIndex((line) => line.id === caption);
    const line = found[(at + 1) % found.length];
    const told = captions?.script?.lines.find((one) => one.id === line?.id);
    if (told) chooseCaption(told);
  };
  return (
    <form
      className="findWords"
      onSubmit={(event) => {
        event.preventDefault();
        if (found.length > 0) next();
      }}
    >
      <input
        aria-label="Find in captions"
        placeholder="find words"
        value={find}
        onChange={(event) => setFind(event.target.value)}
      />
      <input
        aria-label="Replace in captions by"
        placeholder="replace by"
        value={by}
        onChange={(event) => setBy(event.target.value)}
      />
      <Button size="small" disabled={found.length === 0} onClick={() => void replace()}>
        replace all
      </Button>
      {wanted && <span className="quiet">{found.length === 0 ? 'nowhere' : `in ${found.length}`}</span>}
    </form>
  );
}

/** Moves all captions, or those that are chosen, or lets them be on for longer, by frames. */
function MoveAll({ scene }: { scene: Scene }) {
  const too = useStage((state) => state.captionsToo);
  const [by, setBy] = useState('');
  const [before, setBefore] = useState('2');
  const [after, setAfter] = useState('2');
  const number = (typed: string) => Number(typed.replace(',', '.').replace('−', '-'));
  const move = async (starts: number, ends: number) => {
    if (!Number.isFinite(starts) || !Number.isFinite(ends)) {
      useDocument.setState({ message: 'Type how many frames, such as 12 or -3.' });
      return;
    }
    const message = await edit({
      kind: 'moveCaptions',
      scene: scene.id,
      captions: too.length > 0 ? chosenCaptions().map((one) => one.id) : [],
      starts,
      ends,
    }).catch(reasonOf);
    useDocument.setState({ message });
  };
  const field = (label: string, value: string, give: (value: string) => void, done: () => void) => (
    <input
      className="few"
      aria-label={label}
      value={value}
      onChange={(event) => give(event.target.value)}
      onKeyDown={(event) => {
        event.stopPropagation();
        if (event.key === 'Enter') done();
      }}
    />
  );
  const shift = () => {
    if (by.trim() === '') return;
    void move(number(by), number(by)).then(() => setBy(''));
  };
  const whose = too.length > 0 ? `these ${too.length + 1}` : 'all';
  const longer = () => void move(-number(before), number(after));
  return (
    <span className="moveAll">
      <label>
        shift {whose} by {field('Shift captions by, frames', by, setBy, shift)} fr
      </label>
      <span>
        {whose} longer by {field('Longer before, frames', before, setBefore, longer)} before and{' '}
        {field('Longer after, frames', after, setAfter, longer)} after{' '}
        <Button size="small" onClick={longer}>
          where there is room
        </Button>
      </span>
    </span>
  );
}
