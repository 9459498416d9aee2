"use strict";
// Everything here makes the page quicker; without it the same forms still post and the same pages still read.

// the token goes with every request that htmx makes
document.addEventListener("htmx:configRequest", (event) => {
  const header = document.querySelector("meta[name=_csrf_header]");
  const token = document.querySelector("meta[name=_csrf]");
  if (header && token) event.detail.headers[header.content] = token.content;
});

const sheet = () => document.getElementById("sheet");
const place = () => "typed:" + location.pathname;

// a session that has ended: what was typed stays in this window until somebody has signed in again
function stash() {
  const form = sheet();
  if (form) sessionStorage.setItem(place(), JSON.stringify([...new FormData(form)].filter(([name]) => !["tab", "seq", "_csrf"].includes(name))));
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

document.addEventListener("htmx:responseError", (event) => {
  if (signedOut(event.detail.xhr.status)) stash();
});

// what was typed and not yet saved goes out before the page is left, and never overtakes a save that is on its way
let unsaved = false;
let saving = false;

document.addEventListener("input", (event) => {
  if (event.target.form && event.target.form === sheet()) unsaved = true;
});
document.addEventListener("htmx:beforeRequest", (event) => {
  if (event.target !== sheet()) return;
  saving = true;
  unsaved = false;
});
document.addEventListener("htmx:afterRequest", (event) => {
  if (event.target !== sheet()) return;
  saving = false;
  if (!event.detail.successful) unsaved = true;
});

async function settle(save) {
  while (saving) await new Promise((done) => document.addEventListener("htmx:afterRequest", done, { once: true }));
  if (!save || !unsaved) return true;
  unsaved = false;
  const form = sheet();
  const answer = await fetch(form.getAttribute("hx-post"), { method: "POST", body: new URLSearchParams(new FormData(form)), headers: { "HX-Request": "true" } });
  if (signedOut(answer.status)) stash();
  return answer.ok;
}

document.addEventListener("click", (event) => {
  const link = event.target.closest("a[href]");
  if (!link || link.download || link.getAttribute("href").startsWith("#") || event.ctrlKey || event.metaKey || event.shiftKey || !(saving || unsaved)) return;
  if (link.closest("#signed-out")) return;
  event.preventDefault();
  settle(true).then((saved) => { if (saved) location.assign(link.href); });
});

function restore() {
  const kept = sessionStorage.getItem(place());
  const form = sheet();
  if (!kept || !form) return;
  sessionStorage.removeItem(place());
  form.querySelectorAll("input[type=checkbox]").forEach((box) => { box.checked = false; });
  for (const [name, text] of JSON.parse(kept)) {
    const field = form.elements.namedItem(name);
    if (!field) continue;
    if (field.type === "checkbox") field.checked = true;
    else field.value = text;
  }
  form.dispatchEvent(new Event("input", { bubbles: true }));
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

// a step that was ticked hands the focus on to the next one
document.addEventListener("htmx:afterSettle", (event) => {
  if (event.target.id !== "steps") return;
  const next = document.querySelector("#steps .button.done") || document.querySelector("#sheet .input, #sheet select");
  if (next) next.focus();
});

// keys
const typing = (el) => el.matches("input:not([type=checkbox]), textarea, select");

function nextField(field) {
  const all = [...field.form.querySelectorAll("input:not([type=hidden]), select, textarea, button.keep")]
    .filter((el) => el.tabIndex >= 0 && !el.closest("details:not([open])") && el.offsetParent !== null);
  const next = all[all.indexOf(field) + 1];
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
    const keys = document.getElementById("keys");
    if (keys) keys.showModal();
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
  } else if (!form.dataset.settled && (saving || unsaved && !own)) {
    event.preventDefault();
    form.dataset.settled = "yes";
    settle(!own).then((saved) => { if (saved) form.requestSubmit(event.submitter); else delete form.dataset.settled; });
  } else {
    form.dataset.sent = "yes";
  }
});
window.addEventListener("pageshow", () => document.querySelectorAll("form").forEach((form) => { delete form.dataset.sent; delete form.dataset.settled; }));

window.addEventListener("load", restore);
