// Single-key commands: a letter presses the control that carries it as data-key. Letters that belong to a field being
// typed in stay there; the reading field gives them up only while it is empty.

const typing = (element) =>
  element.matches?.("input, textarea, select") && !(element.matches("[data-keypad-field]") && (element.value === "" || locked));

// The letters that an answer begins with belong to the field that asks for it.
const answering = (element, key) =>
  element.matches?.("[data-keypad-field]") && Boolean(element.form?.dataset.letters?.includes(key.toLowerCase()));

function showKeys() {
  document.getElementById("keys")?.showModal();
}

document.addEventListener("keydown", (event) => {
  if (event.ctrlKey || event.metaKey || event.altKey || event.key.length !== 1) return;
  if (typing(event.target) || answering(event.target, event.key) || document.querySelector("dialog[open]")) return;
  // A number typed or scanned on the Bench goes to its field, wherever the focus is.
  const digits = document.querySelector("[data-takes-digits]");
  if (digits && /[0-9]/.test(event.key)) {
    if (document.activeElement !== digits) digits.value = "";
    digits.focus();
    return;
  }
  // The same for a reading: a gauge that types like a keyboard does not know where the focus is.
  const reading = document.querySelector("[data-keypad-field]");
  if (reading && document.activeElement !== reading && /[-+.,0-9]/.test(event.key)) {
    reading.focus();
    return;
  }
  const key = CSS.escape(event.key.toUpperCase());
  const control = document.querySelector(`[data-key="${key}"]`);
  if (!control) return;
  event.preventDefault();
  if (control.matches("input")) control.focus();
  else control.click();
});

// In a field of several lines Enter sends the form where that is said; with Shift it begins a line.
document.addEventListener("keydown", (event) => {
  if (event.key !== "Enter" || event.shiftKey || !event.target.matches?.("textarea[data-enter-sends]")) return;
  event.preventDefault();
  event.target.form.requestSubmit();
});

// Where a line is one entry, Enter on an empty one sends them all.
document.addEventListener("keydown", (event) => {
  const lines = event.target;
  if (event.key !== "Enter" || event.shiftKey || !lines.matches?.("textarea[data-empty-line-sends]")) return;
  const before = lines.value.slice(0, lines.selectionStart);
  if (before.trim() === "" || !/\n[ \t]*$/.test(before) || lines.value.slice(lines.selectionEnd).trim() !== "") return;
  event.preventDefault();
  lines.form.requestSubmit();
});

// A file of readings is shown in the field that they are pasted into; what is too long for a sweep is not read.
document.addEventListener("change", async (event) => {
  const chosen = event.target.closest?.("[data-reads-into]");
  const [file] = chosen?.files ?? [];
  if (!file) return;
  const field = chosen.form.elements[chosen.dataset.readsInto];
  field.value = await file.slice(0, 200000).text();
  field.focus();
});

document.addEventListener("click", (event) => {
  if (event.target.closest("[data-show-keys]")) showKeys();
  if (event.target.closest("[data-print]")) window.print();
});

// After a part of the page was swapped, the hand finds the marked control where it was.
document.addEventListener("htmx:after:swap", () => {
  // Who types into fields that are answered while they type stays there.
  if (document.activeElement?.closest("form[data-live]")) return;
  const first = document.querySelector("#correct [data-first], #hunt [data-first], #paste [data-first], #adjust [data-first], #leave [data-first], #aside [data-first], #turn [data-first], #corrected [data-first], #decide [data-first]") ?? document.getElementById("typed") ?? document.querySelector("#work [data-first]");
  first?.focus({ preventScroll: false });
  showNext();
});

const showNext = () => document.querySelector("#tape-box tr.next")?.scrollIntoView({ block: "nearest" });
document.addEventListener("DOMContentLoaded", showNext);

// Where something has to be typed before anything can be worked out, the first field is ready for it.
document.addEventListener("DOMContentLoaded", () => {
  const begin = document.querySelector("[data-begin]");
  (begin?.querySelector("[aria-invalid]") ?? begin?.querySelector("input:not([type=hidden])"))?.focus();
});
