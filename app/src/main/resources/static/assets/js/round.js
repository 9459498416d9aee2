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
      line.querySelector("[data-told]").textContent = i.refused ? i.said + " was not taken: " + i.refused : i.said + ", kept here, not sent yet." + passed(i, line);
      const input = line.querySelector("input[name=figure]");
      if (i.refused && input && !input.value && document.activeElement !== input) input.value = i.figure;
    });
  };
  // by the allowance that the page brought along: the server says it again when the reading has come there
  function passed(item, line) {
    const d = line.dataset, figure = parseFloat(String(item.figure).replace(",", "."));
    const most = d.most ? parseFloat(d.most) : d.aDay && d.last ? parseFloat(d.last) + parseFloat(d.aDay) * (Date.parse(item.at) - d.since) / 864e5 : NaN;
    return figure > most ? " It is past its allowance: say so to a lead now." : "";
  }
  // the page that waited may hold the mark of a session that has ended; somebody else's is none for these readings
  async function freshToken() {
    const answer = await fetch(location.href, { redirect: "manual", cache: "no-store" });
    if (answer.status !== 200) return false;
    const page = parsed(await answer.text()), who = page.querySelector("meta[name=person]");
    if (!who || who.content !== person) return false;
    token = page.querySelector("meta[name=_csrf]").content;
    return true;
  }
  async function deliver(item, again) {
    const late = Date.now() - Date.parse(item.at) > 3000;
    const body = new URLSearchParams({ figure: item.figure, unit: item.unit, act: item.act, sent: item.sent, at: item.at, kept: String(late), by: person, _csrf: token });
    const answer = await fetch("/watches/" + item.watch + "/round", { method: "POST", body, redirect: "manual", headers: { "X-Round": "true" } });
    if (answer.status === 404) return { refused: "this watch has ended." };
    const stored = answer.status === 200 && answer.headers.get("X-Stored") === item.sent;
    if (!stored && answer.status !== 422) {
      if (!again && answer.status < 500 && (await freshToken())) return deliver(item, true);
      away.textContent = answer.status >= 500 ? "Kept in this phone: the server cannot take it now." : "Kept in this phone until " + person + " signs in again.";
      return false;
    }
    const fresh = parsed(await answer.text()).querySelector(".stop"), line = stop(item.watch), why = fresh && fresh.querySelector("[role=alert]");
    if (line && fresh) {
      const had = line.contains(document.activeElement);
      line.replaceWith(fresh);
      if (had || answer.status === 422) fresh.querySelector("input[name=figure]").focus();
    }
    return answer.status === 422 ? { refused: why ? why.textContent : "write it again." } : true;
  }
  if (!stops) return;
  const others = Object.keys(localStorage).filter((k) => k.startsWith("round:") && k !== "round:" + person).map((k) => k.slice(6));
  if (others.length) document.getElementById("others").textContent = "Readings of " + others.join(", ") + " wait in this phone until they sign in.";
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
