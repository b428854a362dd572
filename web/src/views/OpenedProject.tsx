import { Spin } from 'antd';
import { useEffect, useState, type ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import type { Project, Scene } from '../api/client';
import { useDocument } from '../document/store';
import { useStage } from '../document/stage';
import { useWatch } from '../document/useWatch';
import { giveOwnFaces } from '../page/ownFaces';
import { goTo } from './place';
import { usePageView } from './usePageView';

/** A view of its own on the project that the address names, beside the workbench: opened, kept up to date, and shown from its first scene on. */
export function OpenedProject({ children }: { children: (project: Project, scene: Scene) => ReactNode }) {
  const { id = '' } = useParams();
  const document = useDocument((state) => state.document);
  const sceneId = useStage((state) => state.scene);
  const [failed, setFailed] = useState('');
  useEffect(() => void giveOwnFaces().catch(() => undefined), []);
  useEffect(() => {
    useDocument
      .getState()
      .load(id)
      .then(
        () => {
          const project = useDocument.getState().document;
          if (project) goTo(project, {}, null, true);
        },
        (error: Error) => setFailed(error.message),
      );
  }, [id]);
  usePageView();
  useWatch(document ? id : '');
  const scene = document?.scenes.find((one) => one.id === sceneId);
  if (failed)
    return (
      <div className="empty">
        <p>{failed}</p>
        <Link to="/">Back to the projects</Link>
      </div>
    );
  if (!document || !scene) return <Spin className="empty" />;
  return children(document, scene);
}
