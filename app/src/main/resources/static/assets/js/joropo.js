"use strict";
// Everything here makes the page quicker; without it the same forms still post and the same pages still read.

// the token goes with every request that htmx makes
document.addEventListener("htmx:configRequest", (event) => {
  const header = document.querySelector("meta[name=_csrf_header]");
  const token = document.querySelector("meta[name=_csrf]");
  if (header && token) event.detail.headers[header.content] = token.content;
});

// drawings are made for the screen that there is; a page that came for another one is fetched again
const narrow = matchMedia("(max-width: 600px)");
const middling = matchMedia("(max-width: 1023px)");
function tellPaper() {
  const told = (document.cookie.match(/(?:^|; )paper=(\w+)/) || [])[1];
  const paper = narrow.matches ? "NARROW" : middling.matches ? "SHEET" : "WIDE";
  document.cookie = `paper=${paper}; path=/; max-age=31536000; SameSite=Lax`;
  return told !== undefined && told !== paper && document.cookie.includes(`paper=${paper}`);
}
if (tellPaper() && document.querySelector(".wide-drawing, .narrow-drawing")) location.reload();
[narrow, middling].forEach((query) => query.addEventListener("change", () => { if (tellPaper() && document.getElementById("board")) location.reload(); }));

const sheet = () => document.getElementById("sheet");

// a keystroke tells what this window shows, so that only what has changed comes back
document.addEventListener("htmx:configRequest", (event) => {
  if (event.detail.elt !== sheet()) return;
  event.detail.path = sheet().getAttribute("hx-post");   // a button that has the focus does not send it elsewhere
  event.detail.parameters.shown = [...document.querySelectorAll("[data-part]")].map((part) => part.id + ":" + part.dataset.part).join(" ");
});
const place = () => "typed:" + location.pathname;
const person = () => (document.querySelector("meta[name=person]") || { content: "" }).content;

// what was typed and is not saved stays in this window, under the name of who typed it
function stash() {
  const form = sheet();
  if (!form) return false;
  const texts = [...new FormData(form)].filter(([name]) => !["tab", "seq", "_csrf"].includes(name));
  sessionStorage.setItem(place(), JSON.stringify({ person: person(), texts }));
  return true;
}
function signOut() {
  stash();
  const notice = document.getElementById("signed-out");
  if (notice) {
    notice.querySelector("a").href = location.pathname;
    notice.hidden = false;
    notice.scrollIntoView({ block: "nearest" });
  } else {
    location.assign("/login");
  }
}
const signedOut = (status) => status === 401 || status === 403;

// one banner for a save or an act that failed; of a sheet the verdict is grey until it was judged, and it goes out again by itself
let nextTry = null;
let wait = 2000;
let failing = false;
function banner(text) {
  let notice = document.getElementById("not-saved");
  if (!notice) {
    notice = document.createElement("div");
    notice.id = "not-saved";
    notice.className = "notice";
    notice.setAttribute("role", "alert");
    (document.querySelector(".entries") || document.getElementById("main")).prepend(notice);
  }
  notice.textContent = text;
}
function settled() {
  const notice = document.getElementById("not-saved");
  if (notice) notice.remove();
  clearTimeout(nextTry);
  wait = 2000;
  if (failing) sessionStorage.removeItem(place());
  failing = false;
  document.body.classList.remove("is-unjudged");
}
function sendAgain() {
  clearTimeout(nextTry);
  unsaved = true;
  if (sheet() && !saving) sheet().dispatchEvent(new Event("input", { bubbles: true }));
}
function notSaved(status, answer) {
  failing = true;
  unsaved = true;
  stash();
  document.body.classList.add("is-unjudged");
  const closed = status === 409;
  const why = closed || status === 503 ? answer : status ? `The server did not take it (${status}).` : "No connection to the server.";
  banner(`Not saved. ${why} What you typed stays in this window${closed ? "" : " and goes out again by itself"}. The verdict is from before.`);
  clearTimeout(nextTry);
  if (!closed) {
    nextTry = setTimeout(sendAgain, wait);
    wait = Math.min(wait * 2, 30000);
  }
}
window.addEventListener("online", () => { if (failing) sendAgain(); });
window.addEventListener("beforeunload", (event) => { if (failing && !leaving) event.preventDefault(); });
function failed(event, status, answer) {
  if (signedOut(status)) signOut();
  else if (event.detail.elt === sheet()) notSaved(status, answer);
  else if (event.detail.requestConfig.verb === "post") banner(`Not done. ${status === 409 || status === 503 ? answer : status ? `The server did not take it (${status}).` : "No connection to the server."}`);
}
document.addEventListener("htmx:responseError", (event) => failed(event, event.detail.xhr.status, event.detail.xhr.responseText));
["htmx:sendError", "htmx:timeout"].forEach((kind) => document.addEventListener(kind, (event) => failed(event, 0, "")));

// what was typed and not yet saved goes out before the page is left, and never overtakes a save that is on its way
let unsaved = false;
let saving = false;
let saves = 0;   // begun so far
let leaving = false;

document.addEventListener("input", (event) => {
  if (event.target.form && event.target.form === sheet()) unsaved = true;
});
document.addEventListener("htmx:beforeRequest", (event) => {
  if (event.target !== sheet()) return;
  saving = true;
  saves += 1;
  unsaved = false;
});
document.addEventListener("htmx:afterRequest", (event) => {
  if (event.target !== sheet()) return;
  saving = false;
  if (!event.detail.successful) unsaved = true;
  else if (!unsaved) settled();
});

async function settle(save) {
  while (saving) await new Promise((done) => document.addEventListener("htmx:afterRequest", done, { once: true }));
  if (!save || !unsaved) return true;
  unsaved = false;
  const form = sheet();
  try {
    const answer = await fetch(form.getAttribute("hx-post"), { method: "POST", body: new URLSearchParams(new FormData(form)), headers: { "HX-Request": "true" } });
    if (answer.ok) settled();
    else if (signedOut(answer.status)) signOut();
    else notSaved(answer.status, await answer.text());
    return answer.ok;
  } catch (error) {
    notSaved(0, "");
    return false;
  }
}

// what could not be saved is left only after a question
function askToLeave(go) {
  const dialog = document.createElement("dialog");
  dialog.className = "ask-leave";
  const text = document.createElement("p");
  text.textContent = "Not saved yet. What you typed stays in this window: it is here again when you come back to this sheet.";
  const stay = document.createElement("button");
  stay.className = "button keep";
  stay.textContent = "Stay here";
  stay.addEventListener("click", () => dialog.remove());
  const leave = document.createElement("button");
  leave.className = "button quiet";
  leave.textContent = "Leave it";
  leave.addEventListener("click", () => { leaving = true; go(); });
  dialog.append(text, stay, leave);
  document.body.append(dialog);
  dialog.showModal();
}
document.addEventListener("click", (event) => {
  const link = event.target.closest("a[href]");
  if (!link || link.download || link.getAttribute("href").startsWith("#") || event.ctrlKey || event.metaKey || event.shiftKey || !(saving || unsaved)) return;
  if (link.closest("#signed-out")) { leaving = true; return; }
  event.preventDefault();
  settle(true).then((saved) => { if (saved) location.assign(link.href); else if (failing) askToLeave(() => location.assign(link.href)); });
});

// what was not saved comes back to who typed it; somebody else is asked
function fill(texts) {
  const form = sheet();
  sessionStorage.removeItem(place());
  form.querySelectorAll("input[type=checkbox]").forEach((box) => { box.checked = false; });
  for (const [name, text] of texts) {
    const field = form.elements.namedItem(name);
    if (!field) continue;
    if (field.type === "checkbox") field.checked = true;
    else field.value = text;
  }
  unsaved = true;
  form.dispatchEvent(new Event("input", { bubbles: true }));
}
function restore() {
  const form = sheet();
  const kept = JSON.parse(sessionStorage.getItem(place()) || "null");
  if (!kept || !kept.texts || !form || !form.getAttribute("hx-post")) return;
  if (kept.person === person()) {
    fill(kept.texts);
    return;
  }
  banner(`${kept.person} typed on this sheet in this window, and it is not saved. `);
  const take = document.createElement("button");
  take.className = "button quiet";
  take.textContent = "Take it over";
  take.addEventListener("click", () => { document.getElementById("not-saved").remove(); fill(kept.texts); });
  const leave = document.createElement("button");
  leave.className = "button quiet";
  leave.textContent = `Leave it to ${kept.person}`;
  leave.addEventListener("click", () => document.getElementById("not-saved").remove());
  document.getElementById("not-saved").append(take, leave);
}

// an error that came back is said on the field too
document.addEventListener("htmx:oobAfterSwap", (event) => {
  const echo = event.detail.target;
  if (!echo.id || !echo.id.startsWith("echo-")) return;
  const field = document.getElementById(echo.id.slice(5));
  if (!field) return;
  if (document.querySelector("#" + CSS.escape(echo.id) + " .wrong")) field.setAttribute("aria-invalid", "true");
  else field.removeAttribute("aria-invalid");
});

// a closed card that something typed asks for opens by itself
document.addEventListener("htmx:oobAfterSwap", (event) => {
  if (event.detail.target.id !== "asks") return;
  const asks = document.getElementById("asks").dataset.open || "";
  asks.split(" ").filter(Boolean).forEach((card) => document.querySelectorAll(`details[data-card="${CSS.escape(card)}"]`).forEach((fold) => { fold.open = true; }));
});

// what is offered is taken into its fields here; the panels that say so come back with the answer, and nothing else moves
document.addEventListener("click", (event) => {
  const offer = event.target.closest("button[name=offer]");
  const form = sheet();
  if (!offer || offer.form !== form || !form.getAttribute("hx-post")) return;
  const pairs = offer.value.split(";").map((pair) => [pair.slice(0, pair.indexOf("=")), pair.slice(pair.indexOf("=") + 1)]);
  const fields = pairs.map(([name]) => form.elements.namedItem(name));
  if (fields.some((field) => !field)) return;   // not on this sheet: the server takes it
  event.preventDefault();
  pairs.forEach(([, text], i) => {
    if (fields[i].type === "checkbox") fields[i].checked = text !== "";
    else fields[i].value = text;
  });
  taken = offer.closest("[data-part]");
  fields[0].dispatchEvent(new Event("change", { bubbles: true }));
});
let taken = null;   // the panel whose button was pressed: what it offers next has the focus
document.addEventListener("htmx:oobAfterSwap", (event) => {
  if (!taken || event.detail.target.id !== taken.id) return;
  taken = null;
  const next = document.querySelector("#" + CSS.escape(event.detail.target.id) + " button[name=offer]");
  if (next && document.activeElement === document.body) next.focus({ preventScroll: true });
});

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

// a part that is touched in the drawing: at Make safe it came off, at Intake it is wet there
document.addEventListener("click", (event) => {
  const part = event.target.closest("#drawing [data-kind]");
  if (!part) return;
  const off = document.querySelector(`#strip button[name=kind][value="${part.dataset.kind}"]`);
  const wet = part.dataset.kind === "LIP_SEAL" && document.getElementById("signWET_AT_LIP");
  if (off) off.click();
  else if (wet && !wet.disabled && document.getElementById("symptom")) {
    wet.value = wet.value === "SEEN" ? "" : "SEEN";
    opened(wet);
    wet.dispatchEvent(new Event("change", { bubbles: true }));
  }
});

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
  const refused = document.body.classList.contains("job") ? document.querySelector(".refused") : main;
  const asked = location.hash.length > 1 && document.getElementById(decodeURIComponent(location.hash.slice(1)));
  if (refused && main) showWrong(main, refused !== main);
  else if (asked && asked.matches("input, select, textarea")) goTo(asked);
});
document.addEventListener("htmx:afterSettle", (event) => {
  if (["steps", "parts", "strip", "back", "ledger", "timers", "torque"].includes(event.target.id)) showWrong(event.target);
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

// a step that was ticked hands the focus on to the next one
document.addEventListener("htmx:afterSettle", (event) => {
  if (event.target.id !== "steps" || event.target.querySelector("[role=alert].wrong")) return;
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

// keys
const typing = (el) => el.matches("input:not([type=checkbox]), textarea, select");

// behind the last reading of one item comes the first of the next
function nextField(field) {
  const fields = (within) => [...within.querySelectorAll("input:not([type=hidden]), select, textarea, button.keep")]
    .filter((el) => el.tabIndex >= 0 && !el.closest("details:not([open])") && el.offsetParent !== null);
  const item = field.closest(".of-item");
  const own = item ? fields(item) : [];
  if (own.length > 0 && own[own.length - 1] === field) {
    const at = tabs().findIndex((tab) => tab.dataset.item === item.dataset.item);
    const after = tabs().slice(at + 1).find((tab) => document.querySelector(`.of-item[data-item="${tab.dataset.item}"] input:not([type=hidden])`));
    if (after) choose(after.dataset.item);
  }
  const all = fields(field.form);
  const next = all[all.indexOf(field) + 1] || all.find((el) => el.closest(".of-item"));
  if (next) {
    next.focus();
    if (next.select) next.select();
  }
}

function press(key) {
  const target = document.querySelector(`[data-key="${CSS.escape(key)}"]`);
  if (!target) return false;
  if (target.matches("input")) target.focus();
  else target.click();
  return true;
}

function flip() {
  const lip = document.getElementById("mainLip");
  if (!lip || lip.matches(":disabled")) return false;
  lip.value = lip.value === "IN" ? "OUT" : "IN";
  lip.dispatchEvent(new Event("change", { bubbles: true }));
  return true;
}

// a quick check answers while it is typed: its result and its fields' words come back, the fields stay under the finger
const quick = document.getElementById("check");
let asking = 0;
async function answer() {
  const query = new URLSearchParams([...new FormData(quick)].filter(([, text]) => text !== ""));
  const mine = ++asking;
  const there = await fetch(`${quick.getAttribute("action")}?${query}`, { headers: { Accept: "text/html" } }).catch(() => null);
  if (mine !== asking) return;
  if (!there || !there.ok) { if (there && signedOut(there.status)) location.reload(); return; }
  const page = new DOMParser().parseFromString(await there.text(), "text/html");
  if (mine !== asking || !page.getElementById("quick-out")) return;
  document.getElementById("quick-out").replaceWith(document.adoptNode(page.getElementById("quick-out")));
  quick.querySelectorAll("[id^='echo-']").forEach((echo) => {
    const field = document.getElementById(echo.id.slice(5));
    const come = page.getElementById(echo.id);
    if (!field || !come || field.value === "" && come.querySelector(".wrong")) return;   // what is still to be typed is no mistake
    echo.replaceWith(document.adoptNode(come));
    if (come.querySelector(".wrong")) field.setAttribute("aria-invalid", "true"); else field.removeAttribute("aria-invalid");
  });
}
let nextAnswer = null;
if (quick) ["input", "change"].forEach((kind) => quick.addEventListener(kind, () => { clearTimeout(nextAnswer); nextAnswer = setTimeout(answer, kind === "input" ? 200 : 30); }));

// the keys of this screen only
function help() {
  const keys = document.getElementById("keys");
  if (!keys) return;
  keys.querySelectorAll("[data-where]").forEach((key) => { key.hidden = !document.querySelector(key.dataset.where); });
  keys.showModal();
}
document.addEventListener("click", (event) => { if (event.target.closest("[data-help]")) help(); });

// while a keyboard is up on a touch screen the drawing makes room, and the worst finding stands beside it in words
const touch = navigator.maxTouchPoints > 0;
const typesText = (el) => el.matches && el.matches("#sheet input:not([type=checkbox]), #sheet textarea");
function worstInWords() {
  const words = document.querySelector(".worst-words");
  const worst = document.querySelector("#rail .is-worst");
  if (words && worst) words.textContent = `${worst.querySelector(".word").textContent}: ${worst.querySelector(".what").textContent}`;
}
if (touch) {
  document.addEventListener("focusin", (event) => { if (typesText(event.target)) { document.body.classList.add("is-typing"); worstInWords(); } });
  let pressed = false;   // the drawing grows again only when the finger is up: what it is on stays where it is
  const grow = () => setTimeout(() => { if (pressed) grow(); else if (!typesText(document.activeElement)) document.body.classList.remove("is-typing"); }, 200);
  document.addEventListener("mousedown", () => { pressed = true; }, true);
  document.addEventListener("mouseup", () => { pressed = false; }, true);
  document.addEventListener("dragend", () => { pressed = false; }, true);
  document.addEventListener("focusout", (event) => { if (typesText(event.target)) grow(); });
  document.addEventListener("htmx:oobAfterSwap", (event) => { if (event.detail.target.id === "rail") worstInWords(); });
}

// on a narrow screen a table reads as a list: each figure says what it is
document.querySelectorAll("table.plain").forEach((table) => {
  const heads = [...table.querySelectorAll("thead th")].map((th) => th.textContent.trim());
  table.querySelectorAll("tbody tr").forEach((row) => [...row.children].forEach((cell, i) => { if (heads[i]) cell.dataset.label = heads[i]; }));
});

document.addEventListener("keydown", (event) => {
  const el = event.target;
  if (event.ctrlKey || event.metaKey || event.altKey) return;
  if (event.key === "Enter" && el.form && el.form === sheet() && el.matches("input:not([type=checkbox]), select") && !el.closest(".strike")) {
    event.preventDefault();
    nextField(el);
    return;
  }
  if (typing(el)) return;
  if (event.key === "?") {
    help();
  } else if (event.key === "f" ? flip() : ["[", "]", "/", "u"].includes(event.key) && press(event.key)) {
    event.preventDefault();
  }
});

// one signature, one start: a form that is on its way is not sent twice, nor before what was typed is saved
document.addEventListener("submit", (event) => {
  const form = event.target;
  const own = form === sheet();
  if (form.hasAttribute("hx-post") && !own) return;
  if (form.dataset.sent) {
    event.preventDefault();
  } else if (!form.dataset.settled && (saving || unsaved && (!own || failing))) {
    event.preventDefault();
    form.dataset.settled = "yes";
    // the answer to what is saved may replace the button that was pressed: one that says the same stands in for it
    const pressed = event.submitter && form.appendChild(event.submitter.cloneNode());
    if (pressed) { pressed.hidden = true; pressed.removeAttribute("id"); }
    settle(!own || failing).then((saved) => { if (saved) form.requestSubmit(pressed); else delete form.dataset.settled; if (pressed) pressed.remove(); });
  } else {
    form.dataset.sent = "yes";
  }
});
window.addEventListener("pageshow", () => document.querySelectorAll("form").forEach((form) => { delete form.dataset.sent; delete form.dataset.settled; }));

// a file is read here and goes out as its text, or is sent as it is
document.querySelectorAll(".for-file").forEach((label) => { label.hidden = false; });
document.addEventListener("change", (event) => {
  const field = event.target;
  if (field.type !== "file" || !field.files[0]) return;
  if (field.dataset.send) field.form.requestSubmit();
  if (!field.dataset.into) return;
  field.files[0].text().then((text) => {
    const area = document.getElementById(field.dataset.into);
    area.value = text;
    area.form.requestSubmit();
  });
});

// a time that has to pass counts down where it stands
function countDown() {
  document.querySelectorAll("[data-ends]").forEach((timer) => {
    const left = Math.ceil((Date.parse(timer.dataset.ends) - Date.now()) / 1000);
    timer.textContent = left > 0 ? `${Math.floor(left / 60)}:${String(left % 60).padStart(2, "0")} left` : "time is up";
    if (left > 0) return;
    timer.classList.replace("is-mind", "is-holds");
    timer.removeAttribute("data-ends");
  });
}
if (document.getElementById("timers")) setInterval(countDown, 1000);

// what somebody else ticks on this job is shown here without a reload; what is being typed here stays
const live = document.querySelector("[data-live]");
const ownWindow = Math.random().toString(36).slice(2);
let stream = null;
let waiting = false;
document.addEventListener("htmx:configRequest", (event) => { event.detail.headers["X-Window"] = ownWindow; });
const beingTyped = (part) => [...part.querySelectorAll("input:not([type=hidden]):not([type=checkbox]), textarea")].some((field) => field.value !== field.defaultValue);
function refresh() {
  if (!live || document.hidden) { waiting = true; return; }
  waiting = false;
  inTurn(() => htmx.ajax("GET", live.dataset.live, { swap: "none" }));
}
// what came back the same, what is being typed in, and what a finger is on stay as they are
let pressed = null;
document.addEventListener("pointerdown", (event) => { pressed = event.target; });
["pointerup", "pointercancel"].forEach((end) => document.addEventListener(end, () => { pressed = null; }));
function same(there, come) {
  const tokens = (part) => part.querySelectorAll("input[name=_csrf]");
  const token = tokens(come)[0];   // each answer masks it anew; any of them is good
  if (token) [there, come].forEach((part) => tokens(part).forEach((input) => input.setAttribute("value", token.value)));
  return there.isEqualNode(come);
}
document.addEventListener("htmx:oobBeforeSwap", (event) => {
  const { target, fragment } = event.detail;
  const typedIn = ["parts", "strip", "back", "ledger", "timers", "steps"].includes(target.id) && beingTyped(target);
  if (typedIn || target.contains(pressed) || fragment.firstElementChild && same(target, fragment.firstElementChild)) event.preventDefault();
});
function watch() {
  if (!live || document.hidden || stream) return;
  stream = new EventSource(live.dataset.watch);
  stream.addEventListener("changed", (event) => { if (event.data !== ownWindow) refresh(); });
  if (waiting) refresh();
}
function unwatch() {
  if (stream) stream.close();
  stream = null;
  waiting = true;   // what changes while nobody listens is asked for afterwards
}
document.addEventListener("visibilitychange", () => { if (document.hidden) unwatch(); else watch(); });
window.addEventListener("pagehide", () => { if (stream) stream.close(); stream = null; });
window.addEventListener("pageshow", watch);

window.addEventListener("load", restore);
