"use strict";
// The section bench: taking hold of parts by pointer and keys. Without it every move is a plain form post.
(() => {

const work = () => document.getElementById("work");
let heading = null;   // what the hand is on its way to, before the page has followed
const inHand = () => heading || work().dataset.at;
const editable = () => work() && work().dataset.editable === "true";
const token = () => Math.random().toString(36).slice(2, 14);
const board = () => [...document.querySelectorAll("#board svg")].find((svg) => svg.getClientRects().length > 0);
const part = (key) => board() && board().querySelector(`[data-part="${key}"]`);
const inText = (el) => el.matches("input:not([type=checkbox]), textarea, select");

function say(text) {
  const status = document.getElementById("bench-said");
  if (status && text) status.textContent = text;
}

// one request after the other, each knowing of the move before it; what is typed goes first
let busy = 0;
let dirty = false;
let run = token();
const figures = () => document.getElementById("figures");

document.addEventListener("input", (event) => {
  if (event.target.form && event.target.form === figures()) dirty = true;
});
document.addEventListener("focusin", (event) => {
  if (event.target.form && event.target.form === figures()) run = token();
});
document.addEventListener("htmx:confirm", (event) => {
  const typing = event.target === figures();
  const waits = busy > 0 || (dirty && !typing);
  if (!work() || !waits || event.target.closest(".top")) return;
  event.preventDefault();
  idle(typing).then(() => event.detail.issueRequest(true));
});
// what is typed waits for what is on its way, but never for itself
async function idle(typing) {
  while (busy > 0 || (dirty && !typing)) await new Promise((done) => document.addEventListener("htmx:afterRequest", done, { once: true }));
}
document.addEventListener("htmx:configRequest", (event) => {
  if (!work()) return;
  event.detail.parameters.seen = work().dataset.seen;
  if (event.target === figures()) {
    event.detail.parameters.typing = "yes";
    event.detail.parameters.run = run;
  }
});
document.addEventListener("htmx:beforeRequest", (event) => {
  busy += 1;
  if (event.target === figures()) dirty = false;
});
document.addEventListener("htmx:afterRequest", () => { busy = Math.max(0, busy - 1); });

// what follows from typing came in pieces; the form itself stays
document.addEventListener("htmx:oobAfterSwap", (event) => {
  if (event.detail.target.id !== "bench-typed") return;
  const typed = document.getElementById("bench-typed").dataset;
  work().dataset.seen = typed.seen;
  document.querySelectorAll(".seen").forEach((input) => { input.value = typed.seen; });
  say(typed.said);
});

// the focus stays where the hand was
let back = null;
function remember() {
  const el = document.activeElement;
  if (!el || el === document.body || el.closest("#board")) back = () => part(inHand());
  else if (el.dataset.row) back = () => document.querySelector(`[data-row="${inHand()}"]`);
  else if (el.id) back = () => document.getElementById(el.id);
  else if (el.dataset.key) back = () => document.querySelector(`#work [data-key="${el.dataset.key}"]`);
  else if (el.name) back = () => document.querySelector(`#work [name="${el.name}"][value="${el.value}"]`);
}
document.addEventListener("htmx:beforeSwap", (event) => { if (event.detail.target.id === "work") remember(); });
document.addEventListener("htmx:afterSettle", (event) => {
  if (event.target.id !== "work" && event.detail.target.id !== "work") return;
  heading = null;
  say(work().dataset.said);
  const url = new URL(location.href);
  url.searchParams.set("at", inHand());
  url.searchParams.set("view", work().dataset.view);
  history.replaceState(history.state, "", url);
  const el = (back && back()) || part(inHand());
  if (el && !el.disabled) el.focus({ preventScroll: true });
  back = null;
  const row = document.querySelector(".rows .is-chosen");
  if (row && row.parentElement.scrollHeight > row.parentElement.clientHeight) row.scrollIntoView({ block: "nearest" });
});

// what keys and pointer ask for comes one after the other: the page that is answered to is the one that is there then
let queue = Promise.resolve();
function ask(verb, path, values) {
  queue = queue.then(() => idle(false)).then(() => htmx.ajax(verb, path(), { source: document.body, target: "#work", swap: "outerHTML", values })).catch(() => {});
  return queue;
}

const address = () => `/sections/${work().dataset.id}`;
function take(key) {
  heading = key;
  return ask("GET", () => `${address()}?at=${key}&view=${work().dataset.view}`, {});
}
function place(key, by, itsRun) {
  return ask("POST", () => `${address()}/place`, { at: key, view: work().dataset.view, by: by.toFixed(1), run: itsRun });
}

// nudging: arrows add up until the hand rests
let pending = 0;
let resting = null;
let nudges = { key: "", run: "", at: 0 };
function nudge(mm) {
  const key = inHand();
  if (!/^[bs]/.test(key) || !editable()) return false;
  pending = Math.round((pending + mm) * 10) / 10;
  const held = part(key);
  if (held) held.setAttribute("transform", `translate(${pending * Number(board().dataset.scale)} 0)`);
  clearTimeout(resting);
  resting = setTimeout(() => {
    const by = pending;
    pending = 0;
    if (nudges.key !== key || Date.now() - nudges.at > 1500) nudges = { key, run: token(), at: 0 };
    nudges.at = Date.now();
    if (by !== 0) place(key, by, nudges.run);
  }, 120);
  return true;
}

// dragging along the axis in steps of 0.1 mm
let drag = null;
document.addEventListener("pointerdown", (event) => {
  const held = event.target.closest && event.target.closest("#board [data-part]");
  if (!held || event.button !== 0) return;
  const svg = held.closest("svg");
  drag = { held, key: held.dataset.part, x: event.clientX, y: event.clientY, mm: 0, unit: svg.getScreenCTM().a * Number(svg.dataset.scale), alongX: Number(svg.dataset.x), alongY: Number(svg.dataset.y), scale: Number(svg.dataset.scale),
    pointer: event.pointerId, moves: editable() && /^[bs]/.test(held.dataset.part) };
});
document.addEventListener("pointermove", (event) => {
  if (!drag || event.pointerId !== drag.pointer || !drag.moves) return;
  const px = (event.clientX - drag.x) * drag.alongX + (event.clientY - drag.y) * drag.alongY;
  drag.mm = Math.round((px / drag.unit) * 10) / 10;
  if (drag.mm !== 0 || drag.shown) {
    drag.shown = true;
    event.preventDefault();
    drag.held.setAttribute("transform", `translate(${drag.mm * drag.scale} 0)`);
    document.getElementById("drag-read").textContent = `${drag.mm > 0 ? "+" : ""}${drag.mm.toFixed(1)} mm`;
  }
});
function letGo(event) {
  if (!drag || event.pointerId !== drag.pointer) return;
  const { key, mm, held } = drag;
  drag = null;
  document.getElementById("drag-read").textContent = "";
  held.removeAttribute("transform");
  if (event.type === "pointerup" && mm !== 0) place(key, mm, token());
  else if (event.type === "pointerup") take(key);
}
document.addEventListener("pointerup", letGo);
document.addEventListener("pointercancel", letGo);

function neighbour(step) {
  const rows = [...document.querySelectorAll("[data-row]")];
  const next = rows[rows.findIndex((row) => row.dataset.row === inHand()) + step];
  if (next) take(next.dataset.row);
  return true;
}

function firstField() {
  const field = document.querySelector("#figures .input, #figures select");
  if (!field) return false;
  field.focus();
  if (field.select) field.select();
  return true;
}

function press(key) {
  const target = document.querySelector(`#work [data-key="${key}"]`);
  if (!target || target.disabled) return false;
  if (target.matches("select")) target.focus();
  else target.click();
  return true;
}

function arrow(event) {
  const svg = board();
  if (!svg) return false;
  const upright = Number(svg.dataset.y) !== 0;
  const across = event.key === "ArrowLeft" || event.key === "ArrowRight";
  const way = event.key === "ArrowRight" || event.key === "ArrowDown" ? 1 : -1;
  if (across === upright) return neighbour(way);
  return nudge(way * Number(upright ? svg.dataset.y : svg.dataset.x) * (event.shiftKey ? 1 : 0.1));
}

// before the keys of every page
document.addEventListener("keydown", (event) => {
  if (!work() || document.querySelector("dialog[open]")) return;
  const el = event.target;
  const undo = (event.ctrlKey || event.metaKey) && event.key.toLowerCase() === "z";
  if (inText(el)) {
    if (event.key === "Escape" && el.closest("#work")) {
      const held = part(inHand());
      if (held) held.focus();
      else el.blur();
    } else if (event.key === "Enter" && el.form === figures() && el.matches("input")) {
      event.preventDefault();
      const all = [...figures().querySelectorAll(".input, select")].filter((f) => f.getClientRects().length > 0);
      const next = all[all.indexOf(el) + 1];
      if (next) next.focus();
      if (next && next.select) next.select();
    }
    return;
  }
  if ((event.ctrlKey || event.metaKey || event.altKey) && !undo) return;
  let done = false;
  if (event.key.startsWith("Arrow")) done = arrow(event);
  else if (undo) done = press(event.shiftKey ? "y" : "z");
  else if (["f", "o", "i", "t", "a", "z", "y", "Delete"].includes(event.key)) done = press(event.key);
  else if ((event.key === "Enter" || event.key === " ") && el.closest("[data-part]")) done = el.closest("[data-part]").dataset.part === inHand() ? firstField() : Boolean(take(el.closest("[data-part]").dataset.part)) || true;
  else if (event.key === "Enter" && el === document.body) done = firstField();
  if (done) {
    event.preventDefault();
    event.stopImmediatePropagation();
  }
}, true);
})();
