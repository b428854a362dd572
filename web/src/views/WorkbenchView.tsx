import { FormOutlined, HistoryOutlined, RedoOutlined, SearchOutlined, UndoOutlined } from '@ant-design/icons';
import { Button, Spin } from 'antd';
import { useCallback, useEffect, useState } from 'react';
import { Link, useLocation, useNavigate, useParams, useSearchParams } from 'react-router';
import { useShown } from '../document/versioned';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { RoomEdge, type Room } from '../controls/RoomEdge';
import { ExportPanel } from '../exports/ExportPanel';
import { FieldsPanel } from '../fields/FieldsPanel';
import { CaptionList } from '../captions/CaptionList';
import { BarSheet } from '../barsheet/BarSheet';
import { HatchPatterns } from '../barsheet/HatchPatterns';
import { Ledger } from '../page/Ledger';
import { PagePanel } from '../page/PagePanel';
import { giveOwnFaces } from '../page/ownFaces';
import { warmFaces } from '../page/warmFaces';
import { PicturePanel } from '../picture/PicturePanel';
import { FollowBar } from '../templates/FollowBar';
import { PublishPanel } from '../templates/PublishPanel';
import { UseTemplate } from '../templates/UseTemplate';
import { VoiceRoom } from '../voice/VoiceRoom';
import { ConditionBar } from './ConditionBar';
import { FilmView } from './FilmView';
import { BlockMenu } from './BlockMenu';
import { Folded, shared, useFolded } from './folding';
import { FormatsBar } from './FormatsBar';
import { HistoryPanel } from '../history/HistoryPanel';
import { EngineBar } from '../history/EngineBar';
import { NewerBar } from '../history/NewerBar';
import { useKeeping } from '../history/useKeeping';
import { SaveState } from './SaveState';
import { ScenesBar } from './ScenesBar';
import { KeysPanel, useKeys } from './keys';
import { ProjectName } from './ProjectName';
import { Mark } from '../Mark';
import { FindPanel } from './FindPanel';
import { ToCheck } from './ToCheck';
import { goTo, keptWhenLeft, placeLeft } from './place';
import { usePageView } from './usePageView';
import { reasonOf } from '../document/reasons';
import { Tour } from './Tour';
import { VersionBar } from './VersionBar';
import { lookAtDemo } from './tour';
import { useCaptionsView } from '../document/captions';
import { useWatch } from '../document/useWatch';

/** The picture keeps the rest. */
const PAGE: Room = {
  variable: '--page-width',
  kept: 'knollwind.page',
  label: 'Width of the page',
  grows: 'right',
  usual: 424,
  least: 300,
  others: 420,
};

/** Undo and redo for those who do not know the keys. */
function UndoTools() {
  const undoable = useDocument((state) => state.undoSteps.length > 0);
  const redoable = useDocument((state) => state.redoSteps.length > 0);
  const { undo, redo } = useDocument.getState();
  return (
    <span className="undoTools">
      <button aria-label="Undo" title="Undo (Ctrl Z)" disabled={!undoable} onClick={undo}>
        <UndoOutlined />
      </button>
      <button aria-label="Redo" title="Redo (Ctrl Shift Z)" disabled={!redoable} onClick={redo}>
        <RedoOutlined />
      </button>
    </span>
  );
}

/** Keeps what is told about the document up to date. It draws nothing, so that nothing is drawn anew when it asks. */
function Asking() {
  usePageView();
  useCaptionsView();
  useKeeping();
  useWatch(useDocument((state) => (state.document ? state.id : '')));
  return null;
}

export function WorkbenchView() {
  const { id = '' } = useParams();
  const [search] = useSearchParams();
  const document = useDocument((state) => state.document);
  const sceneId = useStage((state) => state.scene);
  const formatId = useStage((state) => state.format);
  const listed = useStage((state) => state.captionList);
  const ledger = useStage((state) => state.ledger) || listed;
  const [failed, setFailed] = useState('');
  const [panel, setPanel] = useState<
    'export' | 'history' | 'keys' | 'find' | 'fields' | 'publish' | 'template' | null
  >(null);
  const close = useCallback(() => setPanel(null), []);
  const templates = useCallback(() => setPanel('template'), []);
  const publish = useCallback(() => setPanel('publish'), []);
  const navigate = useNavigate();
  const look = useCallback(() => {
    lookAtDemo()
      .then((to) => navigate(to))
      .catch((error: unknown) => useDocument.setState({ message: reasonOf(error) }));
  }, [navigate]);
  const folded = useFolded();
  const wantedScene = search.get('scene');
  const wantedRow = search.get('row');
  const wantedFormat = search.get('format');
  /** A project that was made of a beginning: its words are seen at once. */
  const resting = Boolean((useLocation().state as { begun?: boolean } | null)?.begun);

  useEffect(warmFaces, []);
  useEffect(() => void giveOwnFaces().catch(() => undefined), []);

  useEffect(() => {
    const load = useDocument.getState().load;
    load(id).then(
      () => {
        const project = useDocument.getState().document;
        if (project)
          goTo(project, { scene: wantedScene, row: wantedRow, format: wantedFormat }, placeLeft(id), resting);
      },
      (error: Error) => setFailed(error.message),
    );
  }, [id, wantedScene, wantedRow, wantedFormat, resting]);
  useEffect(keptWhenLeft, []);

  const scene = document?.scenes.find((one) => one.id === sceneId);
  const shown = useShown(scene, formatId);
  useKeys(
    () => setPanel((shown) => (shown === 'keys' ? null : 'keys')),
    () => setPanel('find'),
  );

  if (failed) {
    return (
      <div className="empty">
        <p>{failed}</p>
        <Link to="/">Back to the projects</Link>
      </div>
    );
  }
  if (!document || !scene || !shown) return <Spin className="empty" />;

  return (
    <div className={`workbench ${ledger ? 'withLedger' : ''}`} style={shared(folded, ledger)}>
      <Asking />
      <HatchPatterns />
      <header className="bar">
        <Link to="/" aria-label="Projects">
          <Mark />
        </Link>
        <ProjectName name={document.name} />
        <ScenesBar project={document} scene={scene} template={templates} />
        <UndoTools />
        <button
          className="barTool"
          aria-label="Kept states"
          title="Kept states of this project"
          onClick={() => setPanel('history')}
        >
          <HistoryOutlined />
        </button>
        <button
          className="barTool"
          aria-label="Find in all scenes"
          title="Find in all scenes (Ctrl F)"
          onClick={() => setPanel('find')}
        >
          <SearchOutlined />
        </button>
        <button
          className="barTool"
          aria-label="Fields"
          title="Fields: what is open for others to fill in"
          onClick={() => setPanel('fields')}
        >
          <FormOutlined />
        </button>
        <button className="barTool" aria-label="Keys" title="Keys (?)" onClick={() => setPanel('keys')}>
          ?
        </button>
        <SaveState />
        <FormatsBar scene={scene} scenes={document.scenes.length} />
        <ToCheck />
        <Button className="exportDoor" type="primary" onClick={() => setPanel('export')}>
          Export
        </Button>
      </header>
      {folded.includes('page') ? (
        <Folded which="page" />
      ) : listed ? (
        <CaptionList scene={shown} />
      ) : ledger ? (
        <Ledger scene={shown} />
      ) : (
        <PagePanel project={document} scene={shown} look={look} />
      )}
      {!ledger && !folded.includes('page') && !folded.includes('picture') && (
        <RoomEdge room={PAGE} className="pageEdge" />
      )}
      {folded.includes('picture') ? (
        <Folded which="picture" />
      ) : (
        <PicturePanel
          project={document}
          scene={shown}
          head={
            <div>
              <VersionBar project={document} scene={scene} />
              <ConditionBar />
            </div>
          }
        />
      )}
      {folded.includes('sheet') ? <Folded which="sheet" /> : <BarSheet scene={shown} />}
      <ExportPanel open={panel === 'export'} close={close} project={document} scene={scene} />
      <FilmView project={document} scene={scene} />
      <VoiceRoom project={document} scene={scene} />
      <Tour />
      <NewerBar />
      <EngineBar project={document} />
      <HistoryPanel open={panel === 'history'} close={close} project={document} />
      <FieldsPanel open={panel === 'fields'} close={close} publish={publish} project={document} />
      <PublishPanel open={panel === 'publish'} close={close} project={document} scene={scene} />
      <UseTemplate open={panel === 'template'} close={close} />
      <FollowBar project={document} />
      <BlockMenu />
      <FindPanel open={panel === 'find'} close={close} />
      <KeysPanel open={panel === 'keys'} close={close} />
    </div>
  );
}
