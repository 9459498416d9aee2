// A round with a phone: each stop is sent by itself; what the network does not take waits here and is sent once.
(() => {
  const stops = document.getElementById("stops"), away = document.getElementById("away");
  const person = (document.querySelector("meta[name=person]") || {}).content;
  let token = (document.querySelector("meta[name=_csrf]") || {}).content;
  const stop = (id) => document.getElementById("stop-" + id);
  const parsed = (html) => new DOMParser().parseFromString(html, "text/html");
  const told = (items) => {
    const n = items.filter((i) => !i.refused).length;
    away.hidden = n === 0;
    away.textContent = n + (n === 1 ? " reading is" : " readings are") + " kept in this phone, to be sent when the network is back.";
    items.forEach((i) => {
      const line = stop(i.watch);
      if (!line) return;
      line.classList.add(i.refused ? "is-refused" : "is-kept");
      line.querySelector("[data-told]").textContent = i.refused ? i.said + " was not taken: write it again." : i.said + ", kept here, not sent yet.";
    });
  };
  // the page that waited may hold the mark of a session that has ended
  async function freshToken() {
    const answer = await fetch(location.href, { redirect: "manual" });
    if (answer.status !== 200) return false;
    token = parsed(await answer.text()).querySelector("meta[name=_csrf]").content;
    return true;
  }
  async function deliver(item, again) {
    const late = Date.now() - Date.parse(item.at) > 3000;
    const body = new URLSearchParams({ figure: item.figure, unit: item.unit, act: item.act, sent: item.sent, at: item.at, kept: String(late), _csrf: token });
    const answer = await fetch("/watches/" + item.watch + "/round", { method: "POST", body, redirect: "manual", headers: { "X-Round": "true" } });
    if (answer.status === 404) return "refused";
    if (answer.status !== 200 && answer.status !== 422) {
      if (!again && answer.status < 500 && (await freshToken())) return deliver(item, true);
      away.textContent = answer.status >= 500 ? "Kept in this phone: the server cannot take it now." : "Kept in this phone. Sign in again to send it.";
      return false;
    }
    const fresh = parsed(await answer.text()).querySelector(".stop"), line = stop(item.watch);
    if (line && fresh) {
      const had = line.contains(document.activeElement);
      line.replaceWith(fresh);
      if (had || answer.status === 422) fresh.querySelector("input[name=figure]").focus();
    }
    return answer.status === 422 ? "refused" : true;
  }
  if (!stops) return;
  const queue = window.kept("round:" + person, told, (item) => deliver(item, false));
  stops.addEventListener("submit", (event) => {
    event.preventDefault();
    event.stopPropagation();
    const form = event.target, line = form.closest(".stop"), act = event.submitter && event.submitter.value ? event.submitter.value : "";
    const figure = form.figure.value.trim(), id = line.dataset.watch;
    if (!figure && !act) { form.figure.focus(); return; }
    queue.drop((i) => i.refused && i.watch === id);
    line.classList.remove("is-refused");
    const said = (figure ? figure + " " + form.figure.placeholder : "") + (act ? (figure ? ", " : "") + event.submitter.textContent.toLowerCase() : "");
    form.figure.value = "";
    const next = line.nextElementSibling && line.nextElementSibling.querySelector("input[name=figure]");
    if (next) next.focus();
    queue.add({ watch: id, figure, unit: form.unit.value, act, said, at: new Date().toISOString(), sent: crypto.randomUUID ? crypto.randomUUID() : Date.now() + "-" + Math.random() });
  }, true);
  // what somebody else has read comes in without touching what is being typed
  async function show() {
    if (document.hidden || queue.all().length) return;
    try {
      const page = parsed(await (await fetch(location.href)).text());
      stops.querySelectorAll(".stop").forEach((line) => {
        const fresh = page.getElementById(line.id), input = line.querySelector("input[name=figure]");
        if (fresh && input && !input.value && !line.contains(document.activeElement) && !line.querySelector("[role=alert]")) line.replaceWith(fresh);
      });
    } catch (e) { /* the network is away */ }
  }
  document.addEventListener("visibilitychange", show);
  setInterval(show, 20000);
  if (navigator.serviceWorker) {
    navigator.serviceWorker.register("/round-worker.js").then(() => navigator.serviceWorker.ready).then((ready) => {
      const parts = [...document.querySelectorAll("link[rel=stylesheet], link[rel=icon]")].map((l) => l.href).concat([...document.scripts].map((s) => s.src).filter(Boolean));
      const rounds = [...document.querySelectorAll("a[href^='/round']")].map((a) => a.href);
      ready.active.postMessage({ keep: [location.href, ...rounds, ...parts] });
    });
  }
})();
