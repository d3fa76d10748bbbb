// What is typed where no field takes it. A hand that types on without looking presses no button: digits are shown as typed and
// not taken, and Enter is dead until that was dismissed. What is typed while a step is on its way to the server is kept for the
// reading field that comes next, in order.

let held = null; // texts typed while a step is on its way, the last one still open; null while none is
let stray = []; // texts typed where nothing took them, the last one still open
let inField = ""; // what stands in the reading field

const strayBar = () => document.getElementById("stray");

const takesText = (element) =>
  element.matches?.("textarea, select, input:not([type=radio]):not([type=checkbox]):not([type=submit])");

function notTaken(texts) {
  stray = [...stray.filter((text) => text !== ""), ...texts.filter((text) => text !== "")];
  showStray();
}

function showStray() {
  const bar = strayBar();
  if (!bar) return;
  const texts = stray.filter((text) => text !== "");
  bar.classList.toggle("hidden", texts.length === 0);
  bar.querySelector("b").textContent = texts.join("  ");
}

function dismissStray() {
  stray = [];
  showStray();
  document.querySelector("#work [data-first]")?.focus();
}

const strayShown = () => stray.some((text) => text !== "");

document.addEventListener(
  "keydown",
  (event) => {
    if (!strayBar() || event.ctrlKey || event.metaKey || event.altKey || document.querySelector("dialog[open]")) return;
    if (event.target.closest?.("#stray") && event.key === "Enter") return;
    if (held !== null && (!takesText(event.target) || event.target.id === "typed")) {
      keep(event);
    } else if (event.key === "Escape" && strayShown()) {
      stop(event);
      dismissStray();
    } else if (event.key === "Enter" && strayShown()) {
      stop(event);
      stray.push("");
    } else if (TYPED.test(event.key) && !takesText(event.target) && !field()) {
      stop(event);
      if (stray.length === 0) stray.push("");
      stray[stray.length - 1] += event.key;
      showStray();
    }
  },
  true,
);

function stop(event) {
  event.preventDefault();
  event.stopImmediatePropagation();
}

// While a step is on its way: an Enter before any digit is a bounce of the key that sent it.
function keep(event) {
  if (TYPED.test(event.key)) {
    held[held.length - 1] += event.key;
  } else if (event.key === "Backspace") {
    held[held.length - 1] = held[held.length - 1].slice(0, -1);
  } else if (event.key === "Enter") {
    if (held[held.length - 1] !== "") held.push("");
  } else {
    return;
  }
  stop(event);
}

document.addEventListener("submit", (event) => {
  if (event.target.id !== "entry" && event.target.closest("#work")) held ??= [""];
});

function release() {
  const texts = held;
  held = null;
  if (!texts || texts.every((text) => text === "")) return;
  if (!field()) {
    notTaken(texts);
    return;
  }
  const open = texts.pop();
  for (const text of texts) enqueue(text);
  field().value += open;
  field().focus();
}

document.addEventListener("input", (event) => {
  if (event.target.id === "typed") inField = event.target.value;
});

// The field is gone when the last reading was taken; what already stood in it again was not.
document.addEventListener("htmx:after:swap", () => {
  if (!field() && inField !== "") notTaken([inField]);
  inField = field()?.value ?? "";
  if (held !== null) setTimeout(release);
});

// A step that got no answer, or none that changes the page.
document.addEventListener("htmx:finally:request", () => {
  if (held !== null) setTimeout(release);
});

document.addEventListener("click", (event) => {
  if (event.target.closest("[data-dismiss-stray]")) dismissStray();
});
