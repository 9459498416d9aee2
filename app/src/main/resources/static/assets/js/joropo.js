"use strict";
// What is typed is saved, kept and brought back. All scripts make the page quicker; without them the same forms still
// post and the same pages still read.

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

// a folded list in which something stands now, by whomever, is shown
document.addEventListener("htmx:oobAfterSwap", (event) => {
  const come = document.getElementById(event.detail.target.id);   // the target itself is gone from the page by now
  const fold = come && come.closest("details.fold");
  if (fold && come.querySelector(".lines li, .wrong")) fold.open = true;
});

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
