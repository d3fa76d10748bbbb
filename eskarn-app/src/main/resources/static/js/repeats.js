// Repeats of one reading: Enter puts what was typed behind those that were taken and empties the field at once, so that the hand
// never waits; what they come to follows. On the empty field the last one is taken back.
"use strict";

const repeats = () => document.querySelector("form[data-repeats]");

const takenField = () => document.getElementById("f-readings");

document.addEventListener("submit", (event) => {
  if (event.target !== repeats() || event.submitter?.name === "take") return;
  event.preventDefault();
  const typed = event.target.elements.typed;
  if (typed.value.trim() === "") return;
  takenField().value = (takenField().value + " " + typed.value.trim()).trim();
  typed.value = "";
  htmx.trigger(event.target, "repeats");
});

document.addEventListener("keydown", (event) => {
  if (event.key !== "Backspace" || event.target !== repeats()?.elements.typed || event.target.value !== "" || event.repeat) return;
  event.preventDefault();
  takenField().value = takenField().value.split(/\s+/).slice(0, -1).join(" ");
  htmx.trigger(repeats(), "repeats");
});

document.addEventListener("change", (event) => {
  if (event.target.form === repeats() && event.target.name === "leaveOut") htmx.trigger(repeats(), "repeats");
});
