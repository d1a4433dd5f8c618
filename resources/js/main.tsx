import '@fontsource/atkinson-hyperlegible/latin-400.css';
import '@fontsource/atkinson-hyperlegible/latin-700.css';
import '@fontsource/atkinson-hyperlegible/latin-ext-400.css';
import '../css/app.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { ConfigProvider } from 'antd';
import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router-dom';
import { openOutbox } from './keep/outboxOfThisTab';
import { PapersPage } from './papers/PapersPage';
import { theme } from './ui/theme';

const PaperScreen = lazy(() => import('./paper/PaperScreen'));

const nonce = document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content;

const queries = new QueryClient({
    defaultOptions: {
        // Without a connection a question is asked all the same: there may be a copy to answer it.
        queries: {
            networkMode: 'always',
            retry: false,
            refetchOnReconnect: true,
            refetchOnWindowFocus: false,
            staleTime: 1000,
        },
    },
});

// Opens papers without a connection; what it needs for that comes with the page.
if (import.meta.env.PROD && 'serviceWorker' in navigator)
    void navigator.serviceWorker.register('/sw.js').catch(() => undefined);

void openOutbox().then(() =>
    createRoot(document.getElementById('app')!).render(
        <StrictMode>
            <ConfigProvider theme={theme} csp={{ nonce }} wave={{ disabled: true }}>
                <QueryClientProvider client={queries}>
                    <BrowserRouter>
                        <Suspense fallback={<p className="papers soft">Opening the paper …</p>}>
                            <Routes>
                                <Route path="/" element={<PapersPage />} />
                                <Route path="/papers/:paperId" element={<PaperScreen />} />
                                <Route path="/papers/:paperId/sources/:sourceId" element={<PaperScreen />} />
                                <Route path="*" element={<Navigate to="/" replace />} />
                            </Routes>
                        </Suspense>
                    </BrowserRouter>
                </QueryClientProvider>
            </ConfigProvider>
        </StrictMode>,
    ),
);
