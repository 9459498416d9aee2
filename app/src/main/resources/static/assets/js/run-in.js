// Running packing in, for one thumb. Drops are tapped along; a look that the network does not take is kept and sent once.
(() => {
  const form = document.getElementById("look");
  if (!form) return;
  const MINUTE = 60000, ENOUGH = 15000;
  const drop = document.getElementById("drop"), counted = document.getElementById("counted"), drops = document.getElementById("drops");
  let taps = [];
  drop.hidden = false;
  drop.addEventListener("click", () => {
    const now = Date.now();
    if (taps.length && now - taps[taps.length - 1] > MINUTE) taps = [];
    taps.push(now);
    counted.textContent = taps.length;
    const span = now - taps[0];
    if (taps.length > 1 && span > 0) drops.value = Math.round((taps.length - 1) * MINUTE / span);
    if (span >= ENOUGH) drop.classList.add("is-enough");
  });
  const note = document.getElementById("kept"), waits = note.textContent;
  let refusal = "";
  const person = (document.querySelector("meta[name=person]") || {}).content;
  const queue = window.kept("run-in:" + form.getAttribute("action") + ":" + person, (items) => {
    note.hidden = items.length === 0 && !refusal;
    note.textContent = refusal || waits;
  }, async ({ gap, sent, ...look }) => {
    const body = new URLSearchParams({ ...look, kept: "true", _csrf: form.querySelector("[name=_csrf]").value });
    gap.forEach((g) => body.append("gap", g));
    const answer = await fetch(form.action, { method: "POST", body, redirect: "manual" });
    if (answer.status === 204) { show(); return true; }
    if (answer.status !== 422) return false;
    refusal = await answer.text();
    return true;
  });
  // what anybody has noted comes in without touching what is being typed
  async function show() {
    try {
      const page = new DOMParser().parseFromString(await (await fetch(location.href)).text(), "text/html");
      ["timers", "curve", "looks"].forEach((id) => document.getElementById(id).replaceWith(page.getElementById(id)));
    } catch (e) { /* the network is away: the next look brings it */ }
  }
  const stream = new EventSource(location.pathname.replace(/run-in$/, "watch"));
  stream.addEventListener("changed", show);
  window.addEventListener("pagehide", () => stream.close());
  form.addEventListener("submit", (event) => {
    event.preventDefault();
    event.stopPropagation();
    const look = { drops: drops.value, ml: form.ml.value, box: form.box.value, gap: [...form.querySelectorAll("[name=gap]")].map((g) => g.value), flats: event.submitter ? event.submitter.value : "0", at: String(Date.now()), sent: String(Date.now()) };
    refusal = "";
    form.reset();
    taps = [];
    counted.textContent = "0";
    queue.add(look);
  }, true);
})();
