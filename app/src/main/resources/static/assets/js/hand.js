"use strict";
// The hand at the sheet: what is touched in a drawing, a pin, a finding, one of several seals, a list.

// a temperature that is touched on its chart is that which the picture is drawn at
document.addEventListener("click", (event) => {
  const at = event.target.closest("[data-temperature]");
  const field = document.getElementById("drawnAtC");
  if (!at || !field) return;
  field.value = at.dataset.temperature;
  field.form.requestSubmit();
});

// the whole entry, or the seals and their neighbours alone
document.addEventListener("click", (event) => {
  const button = event.target.closest("[data-whole]");
  if (!button) return;
  const whole = button.getAttribute("aria-pressed") !== "true";
  document.cookie = `whole=${whole ? "yes" : ""}; path=/; max-age=31536000; SameSite=Lax`;
  button.setAttribute("aria-pressed", String(whole));
  button.textContent = whole ? "Seals and neighbours" : "Whole entry";
  if (live) refresh(); else location.reload();
});
// one bolt is ticked by touching it on its circle: the one that is next
document.addEventListener("click", (event) => {
  const bolt = event.target.closest("[data-bolt]");
  const done = bolt && bolt.closest("section").querySelector("button.done");
  if (done && done.textContent.trim() === `Bolt ${bolt.dataset.bolt} done`) done.click();
});

// a part that is touched in the drawing at Make safe came off
document.addEventListener("click", (event) => {
  const part = event.target.closest("#drawing [data-kind]");
  const off = part && document.querySelector(`#strip button[name=kind][value="${part.dataset.kind}"]`);
  if (off) off.click();
});

// where it is wet, at Intake: one place, by the buttons over the drawing or touched in it
const wetSign = (at) => document.getElementById("sign" + at.dataset.wet);
function showWet() {
  if (!document.getElementById("wet-at")) return;
  document.querySelectorAll("[data-wet]").forEach((at) => {
    const wet = wetSign(at)?.value === "SEEN";
    if (at.matches("button")) at.setAttribute("aria-pressed", String(wet));
    else at.classList.toggle("is-wet", wet);
  });
}
document.addEventListener("click", (event) => {
  if (!document.getElementById("wet-at")) return;
  const under = event.target.closest("#drawing") ? document.elementsFromPoint(event.clientX, event.clientY) : [event.target];
  const touched = under.map((el) => el.closest("[data-wet], [data-kind=LIP_SEAL]")).find(Boolean);
  if (!touched) return;
  const at = touched.dataset.wet ? touched : document.querySelector("#wet-at [data-wet=WET_AT_LIP]");
  const seen = wetSign(at).value === "SEEN";
  document.querySelectorAll("#wet-at [data-wet]").forEach((other) => { if (wetSign(other).value === "SEEN") wetSign(other).value = ""; });
  if (!seen) wetSign(at).value = "SEEN";
  showWet();
  wetSign(at).dispatchEvent(new Event("change", { bubbles: true }));
});
document.addEventListener("change", showWet);
document.addEventListener("htmx:oobAfterSwap", (event) => { if (event.detail.target.id === "drawing") showWet(); });
showWet();

// a second tap within half a second on a place where something else has come meanwhile was meant for what was there
let lastScroll = 0;   // who scrolls sees what comes under the finger
document.addEventListener("scroll", (event) => { lastScroll = event.timeStamp; }, true);
let lastTap = { time: 0, x: 0, y: 0, what: "" };
const whatIs = (el) => { const act = el.closest("button, a, summary, label"); return act ? act.dataset.key || act.id || act.getAttribute("aria-label") || act.textContent.trim() : ""; };
document.addEventListener("click", (event) => {
  if (event.detail === 0 || !event.isTrusted) return;   // by key or by script
  const what = whatIs(event.target);
  const slid = lastScroll < lastTap.time && event.timeStamp - lastTap.time < 500 && Math.hypot(event.clientX - lastTap.x, event.clientY - lastTap.y) < 12 && lastTap.what && what && what !== lastTap.what;
  lastTap = { time: event.timeStamp, x: event.clientX, y: event.clientY, what: slid ? lastTap.what : what };
  if (!slid) return;
  event.preventDefault();
  event.stopImmediatePropagation();
}, true);

// a button that is made anew while the finger is on it is pressed all the same, and so is one that slid away from under
// a finger that stayed where it was
{
  const STILL_PX = 12;
  let pressed = null;
  const actOf = (el) => el && el.closest("button, a[href], summary");
  // what it does; taken while it stands on the page, since what is gone from it has no form
  const doing = (act) => [act.tagName, act.name, act.value, act.href, act.form ? act.form.action : "", act.formAction, whatIs(act)].join("|");
  document.addEventListener("pointerdown", (event) => {
    const act = actOf(event.target);
    pressed = act && event.isPrimary ? { act, doing: doing(act), x: event.clientX, y: event.clientY } : null;
  }, true);
  document.addEventListener("pointercancel", () => { pressed = null; }, true);
  document.addEventListener("pointerup", (event) => {
    const was = pressed, now = was && actOf(document.elementFromPoint(event.clientX, event.clientY));
    pressed = null;
    if (!was || now === was.act) return;
    if (was.act.isConnected) {
      if (Math.hypot(event.clientX - was.x, event.clientY - was.y) < STILL_PX) was.act.click();
    } else if (now && doing(now) === was.doing) now.click();
  }, true);
}

// a place of the clock leads to its reading
document.addEventListener("click", (event) => {
  const at = event.target.closest("[data-clock]");
  const item = at && at.closest(".of-item");
  const field = at && (item || document).querySelector(`[id$="epth${at.dataset.clock}"]`);
  if (field) { goTo(field); field.select(); }
});

// a pin leads to its finding, a finding to its field; what is open stays open while somebody types, Esc closes it
function opened(element) {
  for (let fold = element.closest("details"); fold; fold = fold.parentElement.closest("details")) fold.open = true;
  const item = element.closest(".of-item");
  if (item && item.hidden) choose(item.dataset.item);
  return element;
}
function goTo(field) {
  opened(field).scrollIntoView({ block: "center" });
  field.focus({ preventScroll: true });
}
document.addEventListener("click", (event) => {
  const pin = event.target.closest("[data-finding]");
  const finding = pin && document.getElementById("finding-" + pin.dataset.finding);
  if (finding) {
    const why = finding.querySelector("details");
    if (why) why.open = true;
    goTo(finding);
    return;
  }
  const link = event.target.closest("a.to-field");
  const field = link && new URL(link.href).pathname === location.pathname && document.getElementById(link.hash.slice(1));
  if (!field) return;
  event.preventDefault();
  goTo(field);
});
let openFindings = [];
document.addEventListener("htmx:oobBeforeSwap", (event) => {
  if (event.detail.target.id === "rail") openFindings = [...event.detail.target.querySelectorAll("details[open][id]")].map((d) => d.id);
});
document.addEventListener("htmx:oobAfterSwap", (event) => {
  if (event.detail.target.id === "rail") openFindings.forEach((id) => { const fold = document.getElementById(id); if (fold) fold.open = true; });
});
document.addEventListener("keydown", (event) => {
  const fold = event.key === "Escape" && event.target.closest && event.target.closest("#rail details[open]");
  if (!fold) return;
  fold.open = false;
  fold.querySelector("summary").focus();
});

// after a refusal the first wrong field is in view and has the focus, and all of them are listed
const WRITTEN = "input:not([type=hidden]):not([type=radio]), select, textarea";
const pathOf = (form, by) => new URL(by && by.hasAttribute("formaction") ? by.formAction : form.action).pathname;
document.addEventListener("submit", (event) => sessionStorage.setItem("sent", pathOf(event.target, event.submitter)), true);
/* what is to be written in the form that was sent last */
function sentField() {
  const sent = [...document.forms].find((form) => form.id !== "sheet" && form.hasAttribute("action") && pathOf(form) === sessionStorage.getItem("sent") && form.querySelector(WRITTEN));
  return sent && (sent.querySelector("[aria-invalid]") || [...sent.querySelectorAll(WRITTEN)].find((field) => !field.value) || sent.querySelector(WRITTEN));
}
function wrongField(said) {
  const echo = said.closest("[id^='echo-'], [id^='error-']");
  const named = echo && document.getElementById(echo.id.replace(/^(echo|error)-/, ""));
  if (named) return named;
  const near = said.closest(".field, li, form, section, main");
  const sent = sentField();
  return near && (near.contains(sent) ? sent : near.querySelector("[aria-invalid]") || near.querySelector(WRITTEN) || near.querySelector("button"));
}
function showWrong(within, refused) {
  const said = [...within.querySelectorAll(".wrong")].filter((text) => text.textContent.trim());
  const fields = [...new Set(said.length === 0 && refused ? [sentField()] : said.map(wrongField))].filter(Boolean);
  if (fields.length === 0) return;
  goTo(fields[0]);
  const form = fields[0].form;
  if (fields.length < 2 || !form || form.querySelector(".wrong-list")) return;
  const list = document.createElement("p");
  list.className = "notice wrong-list";
  list.append(`${fields.length} fields need another look: `);
  fields.filter((field) => field.form === form).forEach((field, i) => {
    const link = document.createElement("a");
    link.href = "#" + field.id;
    const label = field.labels && field.labels[0] ? field.labels[0].textContent.trim() : field.name;
    link.textContent = label;
    link.addEventListener("click", (event) => { event.preventDefault(); goTo(field); });
    if (i > 0) list.append(", ");
    list.append(link);
  });
  form.prepend(list);
}
window.addEventListener("load", () => {
  const main = document.getElementById("main");
  const refused = document.querySelector(".refused");
  const asked = location.hash.length > 1 && document.getElementById(decodeURIComponent(location.hash.slice(1)));
  if (main && (refused || !document.body.classList.contains("job"))) showWrong(main, Boolean(refused));
  else if (asked && asked.matches("input, select, textarea")) goTo(asked);
});
const byAct = (event) => event.detail.requestConfig.verb === "post" && event.detail.requestConfig.elt !== sheet();
document.addEventListener("htmx:afterSettle", (event) => {
  if (byAct(event) && ["steps", "parts", "strip", "back", "ledger", "timers", "torque"].includes(event.target.id)) showWrong(event.target);
});

// of several things that are sealed one is worked on: chosen by its tab, or by touching it in the drawing
const tabs = () => [...document.querySelectorAll("#item-tabs [data-item]")];
const itemOf = () => "item:" + location.pathname.split("/").slice(2, 4).join("/");
function choose(number) {
  document.body.classList.toggle("has-tabs", tabs().length > 0);
  if (tabs().length === 0) return;
  const there = tabs().map((tab) => tab.dataset.item);
  const chosen = there.includes(number) ? number : there[0];
  sessionStorage.setItem(itemOf(), chosen);
  const seal = tabs().find((tab) => tab.dataset.item === chosen).dataset.seal;
  document.querySelectorAll("#drawing [data-seal]").forEach((drawn) => drawn.classList.toggle("is-chosen", drawn.dataset.seal === seal));
  document.querySelectorAll(".of-item").forEach((cards) => { cards.hidden = cards.dataset.item !== chosen; });
  tabs().forEach((tab) => {
    if (tab.dataset.item === chosen) tab.setAttribute("aria-current", "true");
    else tab.removeAttribute("aria-current");
  });
}
function chooseFirst() {
  const wrong = document.querySelector(".of-item .wrong");
  const named = location.hash.match(/^#item=(\d+)$/);
  choose(wrong ? wrong.closest(".of-item").dataset.item : named ? named[1] : sessionStorage.getItem(itemOf()));
}
document.addEventListener("click", (event) => {
  const tab = event.target.closest("#item-tabs [data-item]");
  const touched = event.target.closest("#drawing [data-seal]");
  const own = tab || touched && tabs().find((t) => t.dataset.seal === touched.dataset.seal);
  if (!own) return;
  if (tab) event.preventDefault();
  choose(own.dataset.item);
});
document.addEventListener("htmx:oobAfterSwap", (event) => { if (["item-tabs", "drawing"].includes(event.detail.target.id)) choose(sessionStorage.getItem(itemOf())); });
chooseFirst();

// a step that was ticked hands the focus on to the next one, unless the hand has gone to another place meanwhile; steps
// that come back with a keystroke, or with what somebody else ticked, take nothing
const handFree = () => document.activeElement === document.body || document.activeElement.closest("#steps");
document.addEventListener("htmx:afterSettle", (event) => {
  if (event.target.id !== "steps" || !byAct(event) || !handFree() || event.target.querySelector("[role=alert].wrong")) return;
  const next = document.querySelector("#steps .button.done") || document.querySelector("#sheet .input, #sheet select");
  if (next) next.focus();
});

// acts on a list go out one after the other, whatever is pressed meanwhile, and bring the list as it stands then;
// a save of the sheet that overtook one may bring it as it stood before, so it is asked for once more
let acts = Promise.resolve();
const inTurn = (act) => { acts = acts.then(act).catch(() => {}); };
document.addEventListener("submit", (event) => {
  const form = event.target;
  if (!form.dataset.list) return;
  event.preventDefault();
  event.stopImmediatePropagation();
  const typed = new FormData(form, event.submitter);
  const path = pathOf(form, event.submitter);
  inTurn(async () => {
    await settle(false);
    const before = saves;
    await htmx.ajax("POST", path, { source: document.body, target: "#" + form.dataset.list, swap: "outerHTML", values: typed });
    if (saves > before) settle(false).then(refresh);
  });
}, true);
