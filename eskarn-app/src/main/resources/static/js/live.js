// What is worked out from a form stands beside it and follows the typing: the answer of a calculator, the advice of a correction.
// One that no longer belongs to what stands in the fields is never left standing as if it did: it pales, and cannot be acted on,
// until the next one is there; when none comes the page says so and asks again.
"use strict";

const ASKED_AGAIN_AFTER = 2000;

const live = () => document.querySelector("form[data-live]");

const answerTo = (form) => document.querySelector(form.dataset.live);

// The form that was typed into; one that was drawn anew since has its own sentences.
let typedInto = null;

const paled = (form, old) => {
  const answer = answerTo(form);
  answer.toggleAttribute("data-old", old);
  answer.querySelectorAll("button").forEach((button) => (button.disabled = old));
};

document.addEventListener("input", (event) => {
  const form = live();
  if (!form || !form.hasAttribute("data-htmx-powered") || !form.contains(event.target)) return;
  typedInto = form;
  paled(form, true);
});

// A choice that draws the whole form anew keeps the keyboard.
let drawnAnewBy = null;

document.addEventListener("change", (event) => {
  if (live()?.contains(event.target) && event.target.hasAttribute("hx-get")) drawnAnewBy = event.target.id;
});

document.addEventListener("htmx:after:swap", () => {
  const form = live();
  if (!form) return;
  if (form !== typedInto && drawnAnewBy) {
    document.getElementById(drawnAnewBy)?.focus();
    drawnAnewBy = null;
  }
  paled(form, false);
  form.querySelector(".lost").hidden = true;
  if (form !== typedInto) return;
  // What was wrong with a field when the page was made is said in the answer now, if it still is.
  const answer = answerTo(form);
  form.querySelectorAll(".described .problem").forEach((sentence) => answer.contains(sentence) || sentence.remove());
  form.querySelectorAll("[aria-invalid]").forEach((field) => {
    if (answer.contains(field)) return;
    field.removeAttribute("aria-invalid");
    field.removeAttribute("aria-describedby");
  });
});

const lost = () => {
  const form = live();
  if (!form) return;
  paled(form, true);
  form.querySelector(".lost").hidden = false;
  setTimeout(() => {
    if (form.isConnected && !form.querySelector(".lost").hidden) form.dispatchEvent(new Event("input", { bubbles: true }));
  }, ASKED_AGAIN_AFTER);
};

// Neither a broken connection nor a page that is no answer (signed out, server trouble) answers what was asked.
document.addEventListener("htmx:error", lost);
document.addEventListener("htmx:before:response", (event) => {
  if (live() && event.detail.ctx.response.status >= 400) {
    event.preventDefault();
    lost();
  }
});

// Whoever wants to see other units keeps what was typed: the choice is sent first, then the fields, which follow it.
document.addEventListener("submit", async (event) => {
  const form = live();
  if (!form || !new URL(event.target.action).pathname.endsWith("/units")) return;
  event.preventDefault();
  await fetch(event.target.action, {
    method: "POST",
    body: new URLSearchParams(new FormData(event.target)),
    redirect: "manual",
  });
  form.requestSubmit();
});
