import '@fontsource-variable/figtree';
import '@fontsource-variable/literata';
import '@fontsource-variable/literata/wght-italic.css';
import '@fontsource-variable/spline-sans-mono';
import './styles.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { App, ConfigProvider } from 'antd';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Route, Routes } from 'react-router';
import { theme } from './theme';
import { ProjectsView } from './views/ProjectsView';
import { WorkbenchView } from './views/WorkbenchView';

const queries = new QueryClient({ defaultOptions: { queries: { retry: 1, refetchOnWindowFocus: false } } });

createRoot(document.getElementById('root')!).render(
  <ConfigProvider theme={theme}>
    <App>
      <QueryClientProvider client={queries}>
        <BrowserRouter>
          <Routes>
            <Route path="/" element={<ProjectsView />} />
            <Route path="/projects/:id" element={<WorkbenchView />} />
          </Routes>
        </BrowserRouter>
      </QueryClientProvider>
    </App>
  </ConfigProvider>,
);
