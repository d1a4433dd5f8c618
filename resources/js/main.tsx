import './ui/tokens.css';
import './ui/base.css';
import './ui/faces.css';
import { notifyManager, QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { ConfigProvider } from 'antd';
import { lazy, StrictMode, Suspense } from 'react';
import { createRoot } from 'react-dom/client';
import { BrowserRouter, Navigate, Route, Routes } from 'react-router-dom';
import { openOutbox } from './keep/outboxOfThisTab';
import { Messages } from './ui/Messages';
import { useTheme } from './ui/theme';

const PaperScreen = lazy(() => import('./paper/PaperScreen'));
const DraftScreen = lazy(() => import('./draft/DraftScreen'));
const PapersPage = lazy(() => import('./papers/PapersPage'));
const AccountPage = lazy(() => import('./people/AccountPage'));
const NewPasswordPage = lazy(() => import('./people/NewPasswordPage'));
const SharedScreen = lazy(() => import('./share/SharedScreen'));
const CoursesPage = lazy(() => import('./courses/CoursesPage'));
const CourseScreen = lazy(() => import('./courses/CourseScreen'));
const HandInScreen = lazy(() => import('./courses/HandInScreen'));
const CourseInvitation = lazy(() => import('./courses/CourseInvitation'));
const MixScreen = lazy(() => import('./mix/MixScreen'));
const NotesScreen = lazy(() => import('./notes/NotesScreen'));

const nonce = document.querySelector<HTMLMetaElement>('meta[name="csp-nonce"]')?.content;

// What arrives is drawn together with what it came with, and not in a turn of its own.
notifyManager.setScheduler(queueMicrotask);

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

// Opens papers without a connection; it has time until the screen is there.
if (import.meta.env.PROD && 'serviceWorker' in navigator)
    window.addEventListener('load', () =>
        setTimeout(() => void navigator.serviceWorker.register('/sw.js').catch(() => undefined), 1500),
    );

/** Menus open within the part of the screen they belong to. */
const popups = (node?: HTMLElement) => node?.closest<HTMLElement>('header, form, dialog, main') ?? document.body;

function Application() {
    return (
        <ConfigProvider theme={useTheme()} csp={{ nonce }} wave={{ disabled: true }} getPopupContainer={popups}>
            <QueryClientProvider client={queries}>
                <BrowserRouter>
                    <Messages>
                        <Suspense fallback={null}>
                            <Routes>
                                <Route path="/" element={<PapersPage />} />
                                <Route path="/papers/:paperId" element={<PaperScreen />} />
                                <Route path="/papers/:paperId/draft" element={<DraftScreen />} />
                                <Route path="/papers/:paperId/sources/:sourceId" element={<PaperScreen />} />
                                <Route path="/papers/:paperId/mix" element={<MixScreen />} />
                                <Route path="/papers/:paperId/notes" element={<NotesScreen />} />
                                <Route path="/account" element={<AccountPage />} />
                                <Route path="/new-password/:token" element={<NewPasswordPage />} />
                                <Route path="/s/:token" element={<SharedScreen />} />
                                <Route path="/courses" element={<CoursesPage />} />
                                <Route path="/courses/:courseId" element={<CourseScreen />} />
                                <Route path="/courses/:courseId/hand-ins/:handInId" element={<HandInScreen />} />
                                <Route path="/c/:token" element={<CourseInvitation />} />
                                <Route path="*" element={<Navigate to="/" replace />} />
                            </Routes>
                        </Suspense>
                    </Messages>
                </BrowserRouter>
            </QueryClientProvider>
        </ConfigProvider>
    );
}

void openOutbox().then(() =>
    createRoot(document.getElementById('app')!).render(
        <StrictMode>
            <Application />
        </StrictMode>,
    ),
);
