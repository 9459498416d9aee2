"use strict";
// Keys, quick checks while they are typed, and what a small or a touched screen needs.

const typing = (el) => el.matches("input:not([type=checkbox]), textarea, select");

// behind the last reading of one item comes the first of the next, its card opened where it is closed
function nextField(field) {
  const fields = (within) => [...within.querySelectorAll("input:not([type=hidden]), select, textarea, button.keep")]
    .filter((el) => el.tabIndex >= 0 && !el.closest("details:not([open])") && el.offsetParent !== null);
  const item = field.closest(".of-item");
  const own = item ? fields(item) : [];
  if (own.length > 0 && own[own.length - 1] === field) {
    const at = tabs().findIndex((tab) => tab.dataset.item === item.dataset.item);
    const after = tabs().slice(at + 1).map((tab) => document.querySelector(`.of-item[data-item="${tab.dataset.item}"]`))
      .find((cards) => cards && cards.querySelector("input:not([type=hidden])"));
    if (after) {
      choose(after.dataset.item);
      handOn(fields(after)[0] || opened(after.querySelector("input:not([type=hidden]), select")));
      return;
    }
  }
  const all = [...fields(field.form), ...document.querySelectorAll("#go button.keep")];
  handOn(all[all.indexOf(field) + 1] || all.find((el) => el.closest(".of-item")));
}

// a row of readings, pasted or typed into the first of its fields with blanks between: each goes to its own
const READINGS = /^\s*[+-]?\d+([.,]\d+)?(\s*(mm|µm|um|in|thou))?(\s+[+-]?\d+([.,]\d+)?(\s*(mm|µm|um|in|thou))?)+\s*$/;
document.addEventListener("change", (event) => {
  const row = event.target.matches("#sheet input.input:not(.word)") && event.target.closest(".lay-planes, .lay-clock");
  // two whole numbers may be one figure with a blank for its point (44 95): its field says so, nothing is parted
  if (!row || !READINGS.test(event.target.value) || !/[.,]/.test(event.target.value)) return;
  const read = event.target.value.match(/[+-]?\d+([.,]\d+)?(\s*(mm|µm|um|in|thou))?/g);
  const fields = [...row.querySelectorAll("input.input:not(.word)")];
  const own = fields.slice(fields.indexOf(event.target), fields.indexOf(event.target) + read.length);
  if (own.length < read.length || own.slice(1).some((field) => field.value !== "")) return;
  own.forEach((field, i) => { field.value = read[i]; });
  event.target.dispatchEvent(new Event("input", { bubbles: true }));
});

function handOn(field) {
  if (!field) return;
  field.focus();
  if (field.select) field.select();
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
