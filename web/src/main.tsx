import '@fontsource-variable/figtree';
import '@fontsource-variable/literata';
import '@fontsource-variable/literata/wght-italic.css';
import '@fontsource-variable/spline-sans-mono';
import './base.css';
import './views/views.css';
import './page/page.css';
import './page/ledger.css';
import './page/curves.css';
import './page/families.css';
import './picture/picture.css';
import './barsheet/barsheet.css';
import './exports/exports.css';
import './moves/moves.css';
import './history/history.css';
import './captions/captions.css';
import './voice/voice.css';
import './fields/fields.css';
import './versions/versions.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { App, ConfigProvider } from 'antd';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Route, Routes } from 'react-router';
import { theme } from './theme';
import { spreadTokens } from './tokens';
import { FillInView } from './views/FillInView';
import { PictureWindow } from './views/PictureWindow';
import { ProjectsView } from './views/ProjectsView';
import { VersionsView } from './views/VersionsView';
import { WorkbenchView } from './views/WorkbenchView';
import { WorkersView } from './views/WorkersView';

spreadTokens(document.documentElement);
/** Who asks the system for less motion gets none from menus and drawers: motion belongs to the picture here. */
const motion = !matchMedia('(prefers-reduced-motion: reduce)').matches;
const queries = new QueryClient({ defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false } } });

createRoot(document.getElementById('root')!).render(
  <ConfigProvider theme={{ ...theme, token: { ...theme.token, motion } }}>
    <App>
      <QueryClientProvider client={queries}>
        <BrowserRouter>
          <Routes>
            <Route path="/" element={<ProjectsView />} />
            <Route path="/workers" element={<WorkersView />} />
            <Route path="/projects/:id" element={<WorkbenchView />} />
            <Route path="/projects/:id/versions" element={<VersionsView />} />
            <Route path="/projects/:id/fill" element={<FillInView />} />
            <Route path="/projects/:id/picture" element={<PictureWindow />} />
          </Routes>
        </BrowserRouter>
      </QueryClientProvider>
    </App>
  </ConfigProvider>,
);
