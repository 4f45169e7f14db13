import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Route, Routes } from 'react-router';
import { DeskPage } from './desk/DeskPage';
import { HandOffPage } from './handoff/HandOffPage';
import { NotHere } from './common/NotHere';
import { ProofPage } from './proof/ProofPage';
import { ShelfPage } from './shelf/ShelfPage';
import { Notices } from './common/Notices';
import { watchActs } from './common/acts';
import { watchKeys } from './common/keys';
import { startInRightLight } from './common/light';
import './styles/lupine.scss';

startInRightLight();
watchKeys(window);
watchActs(window);
/** milliseconds that an answer is kept which nobody looks at: each edit asks for some anew */
const KEPT = 60_000;
const queries = new QueryClient({
  defaultOptions: { queries: { refetchOnWindowFocus: false, retry: 1, gcTime: KEPT } },
});

createRoot(document.getElementById('lupine')!).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <BrowserRouter>
        <Routes>
          <Route path="/" element={<ShelfPage />} />
          <Route path="/pieces/:id" element={<DeskPage />} />
          <Route path="/pieces/:id/proof" element={<ProofPage />} />
          <Route path="/pieces/:id/hand-off" element={<HandOffPage />} />
          <Route path="/hand-offs" element={<HandOffPage />} />
          <Route path="*" element={<NotHere />} />
        </Routes>
        <Notices />
      </BrowserRouter>
    </QueryClientProvider>
  </StrictMode>,
);
