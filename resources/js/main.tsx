import '@fontsource/atkinson-hyperlegible/latin-400.css';
import '@fontsource/atkinson-hyperlegible/latin-700.css';
import '@fontsource/atkinson-hyperlegible/latin-ext-400.css';
import '../css/app.css';
import { ConfigProvider } from 'antd';
import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router-dom';
import { PapersPage } from './papers/PapersPage';
import { theme } from './ui/theme';

const PaperScreen = lazy(() => import('./paper/PaperScreen'));

const nonce = document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content;

createRoot(document.getElementById('app')!).render(
    <StrictMode>
        <ConfigProvider theme={theme} csp={{ nonce }} wave={{ disabled: true }}>
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
        </ConfigProvider>
    </StrictMode>,
);
