import { precacheAndRoute, type PrecacheEntry } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { NetworkFirst } from 'workbox-strategies';

declare const self: ServiceWorkerGlobalScope;
/** Everything that was built, by the build. */
declare const BUILT: PrecacheEntry[];

/** Every address of the application answers with the same page; one copy of it serves them all. */
const SHELL = '/';
const PATIENCE = 4;

// Opens the application without a connection. What is on a paper is kept by the application itself, where the student
// wants it kept; this only has the page, the scripts, the styles and the faces.
void self.skipWaiting();
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
self.addEventListener('install', (event) => {
    event.waitUntil(caches.open('bibrel-shell').then((cache) => cache.add(SHELL)));
    // What is typed never goes through here, where the browser can be told so.
    const routes = event as { addRoutes?: (routes: object) => Promise<void> };
    event.waitUntil(
        routes.addRoutes?.({ condition: { urlPattern: { pathname: '/api/*' } }, source: 'network' }) ??
            Promise.resolve(),
    );
});

precacheAndRoute(BUILT, { directoryIndex: '', cleanURLs: false });

registerRoute(
    new NavigationRoute(
        new NetworkFirst({
            cacheName: 'bibrel-shell',
            networkTimeoutSeconds: PATIENCE,
            plugins: [
                {
                    cacheKeyWillBeUsed: () => Promise.resolve(SHELL),
                    // Only the list's page is bare; a paper's page brings what is on it, which is not ours to keep.
                    cacheWillUpdate: ({ request, response }) =>
                        Promise.resolve(
                            response.status === 200 && new URL(request.url).pathname === SHELL ? response : null,
                        ),
                },
            ],
        }),
        { denylist: [/^\/api\//, /^\/up$/, /\/page\.[a-z]+$/] },
    ),
);
