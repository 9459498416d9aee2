// Rounds open without the network: the pages of the rounds and what they are made of, as they were seen last.
const SHELF = "round";
const isKept = (url) => url.origin === location.origin && (url.pathname === "/round" || url.pathname.startsWith("/assets/") || url.pathname.startsWith("/webjars/"));

self.addEventListener("install", () => self.skipWaiting());
self.addEventListener("activate", (event) => event.waitUntil(self.clients.claim()));
self.addEventListener("message", (event) => event.waitUntil(caches.open(SHELF).then((shelf) =>
  Promise.all(event.data.keep.map((href) => fetch(href, { redirect: "manual" }).then((answer) => answer.ok ? shelf.put(href, answer) : null).catch(() => null)))
    .then(() => event.source.postMessage("kept")))));

self.addEventListener("fetch", (event) => {
  const url = new URL(event.request.url);
  if (event.request.method !== "GET") return;
  // who signs out leaves nothing behind
  if (event.request.mode === "navigate" && url.pathname === "/login") { event.waitUntil(caches.delete(SHELF)); return; }
  if (!isKept(url)) return;
  event.respondWith(fetch(event.request).then(async (answer) => {
    if (answer.ok && !answer.redirected) (await caches.open(SHELF)).put(event.request.url, answer.clone());
    return answer;
  }).catch(async (away) => {
    const held = await (await caches.open(SHELF)).match(event.request.url);
    if (held) return held;
    throw away;
  }));
});
