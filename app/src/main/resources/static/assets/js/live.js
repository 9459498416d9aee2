"use strict";
// What goes out once, and what comes in by itself: forms, files, times that run, what somebody else does on this job.

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
