// The keypad beside the reading field, for a hand without a keyboard. Each button does what its key would: it is sent to the field
// as that key first, so that a refused text is guarded against it in the same way.
"use strict";

const padField = () => document.querySelector("[data-keypad-field]");

const pressKey = (key) => {
  const event = new KeyboardEvent("keydown", { key, bubbles: true, cancelable: true });
  return padField().dispatchEvent(event);
};

const putIn = (value) => {
  padField().value = value;
  padField().dispatchEvent(new Event("input", { bubbles: true }));
};

// The number being typed is the one after the last sign of a band or a place.
function turnSign(text) {
  const begin = Math.max(text.lastIndexOf("/"), text.lastIndexOf("*")) + 1;
  const number = text.slice(begin);
  return text.slice(0, begin) + (/^[-−]/.test(number) ? number.slice(1) : "-" + number.replace(/^\+/, ""));
}

document.addEventListener("click", (event) => {
  const button = event.target.closest("[data-types]");
  if (!button || !padField()) return;
  const key = button.dataset.types;
  if (!pressKey(key === "sign" ? "-" : key)) return;
  if (key === "Enter") padField().form.requestSubmit();
  else if (key === "Backspace") putIn(padField().value.slice(0, -1));
  else if (key === "sign") putIn(turnSign(padField().value));
  else putIn(padField().value + key);
});

// With the keypad in sight the keyboard of the tablet would only cover it.
const quietKeyboard = () => {
  document.querySelector(".keypad")?.removeAttribute("hidden");
  if (padField() && matchMedia("(pointer: coarse)").matches) padField().inputMode = "none";
};
document.addEventListener("DOMContentLoaded", quietKeyboard);
document.addEventListener("htmx:after:swap", quietKeyboard);
