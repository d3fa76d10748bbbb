// The reading field. Enter puts what was typed into a queue and empties the field at once, so that the hand never waits;
// the queue is sent one by one, in order. Each entry names the place it is meant for: when one is refused, none after it
// can slip into its place. Nothing typed is lost: the refused text comes back into the field, which is then locked, so that
// a hand that types on without looking cannot put the next reading in its place; what it types is listed beside the field.

const queue = [];
let sending = false;
let unanswered = null; // an entry that got no answer; sent again with its own key, it is taken once
let locked = false; // a refused text stands in the field and was not looked at yet
let lockedAt = 0; // the place it was typed for
let waiting = []; // what was typed after it
let onward = null; // where Enter leads when the sign-in has ended; what was typed goes along

const field = () => document.getElementById("typed");
const form = () => document.getElementById("entry");

// What a reading is made of.
const TYPED = /^[-+−.,/0-9]$/;

const newKey = () =>
  Array.from(crypto.getRandomValues(new Uint8Array(12)), (byte) => byte.toString(16).padStart(2, "0")).join("");

function say(id, sentence) {
  const line = document.getElementById(id);
  if (!line) return;
  line.textContent = sentence;
  line.classList.toggle("hidden", sentence === "");
}

function enqueue(typed) {
  const again = unanswered && unanswered.typed === typed ? unanswered : null;
  queue.push(again ?? { typed, ...meantFor(), key: newKey() });
  unanswered = null;
  unlock();
  field().value = "";
  inField = "";
  send();
}

// With two indicators the next one belongs to the other sweep; where, the page says that comes with the answer to the one before.
function meantFor() {
  if (queue.length === 0) return { place: Number(form().dataset.place), sweep: form().dataset.sweep };
  if (form().dataset.beside) return { place: null, sweep: null };
  return { place: queue[queue.length - 1].place + 1, sweep: form().dataset.sweep };
}

function unlock() {
  locked = false;
  onward = null;
  waiting = [];
  say("entry-waiting", "");
}

function sayWaiting() {
  const typed = waiting.filter((text) => text !== "").join("  ");
  const how = unanswered && typed === "" ? "" : words("type-again");
  say("entry-waiting", (typed === "" ? "" : words("typed-after").replace("{0}", () => typed) + " ") + how);
}

async function send() {
  if (sending) return;
  sending = true;
  try {
    while (queue.length > 0 && form()) {
      const status = await post(queue[0]);
      if (status === 200) {
        queue.shift();
        document.dispatchEvent(new Event("eskarn:taken"));
      } else {
        refused(status);
      }
    }
  } finally {
    sending = false;
  }
}

function post(entry) {
  if (entry.place === null) {
    entry.place = Number(form().dataset.place);
    entry.sweep = form().dataset.sweep;
  }
  return new Promise((resolve) => {
    let status = 0;
    const answered = (event) => {
      if (event.detail.ctx?.values?.key === entry.key) status = event.detail.ctx.response?.status ?? 0;
    };
    document.addEventListener("htmx:before:response", answered);
    htmx
      .ajax("POST", form().action, {
        source: form(),
        target: "#work",
        swap: "innerMorph",
        values: { sweep: entry.sweep, place: entry.place, typed: entry.typed, key: entry.key },
      })
      .catch(() => {})
      .finally(() => {
        document.removeEventListener("htmx:before:response", answered);
        resolve(status);
      });
  });
}

// The page holds the sentences, in its own language.
function words(which) {
  return document.getElementById("entry-words").getAttribute("data-" + which);
}

function unansweredWords(status) {
  return words(status) ?? words("wrong");
}

function refused(status) {
  document.dispatchEvent(new Event("eskarn:refused"));
  const [first, ...after] = queue.splice(0);
  if (status === 401 || status === 403) keepFor(status, [first, ...after]);
  if (status !== 422 && status !== 409) {
    unanswered = first;
    say("entry-problem", unansweredWords(status));
  }
  const input = field();
  const rest = after.map((entry) => entry.typed);
  if (!input) {
    notTaken([first.typed, ...rest]);
    return;
  }
  if (input.value !== "") rest.push(input.value);
  input.value = first.typed;
  input.select();
  input.focus();
  // An empty refusal leaves nothing that the next number could replace.
  locked = first.typed !== "";
  lockedAt = first.place;
  waiting = rest;
  if (locked || rest.length > 0) sayWaiting();
}

// The sign-in has ended, or the page is older than it. What was typed is kept in this window and taken afterwards, in order and
// under its own keys; where somebody else signs in, it is only told.
const KEPT = "eskarn-kept";

function keepFor(status, entries) {
  const here = location.pathname + location.search;
  onward = { to: status === 401 ? "/sign-in?to=" + encodeURIComponent(here) : here, entries };
}

function goOn() {
  const typed = waiting.filter((text) => text !== "");
  const kept = { login: words("login"), path: location.pathname, entries: onward.entries, typed };
  sessionStorage.setItem(KEPT, JSON.stringify(kept));
  location.assign(onward.to);
}

document.addEventListener("DOMContentLoaded", () => {
  const kept = JSON.parse(sessionStorage.getItem(KEPT) ?? "null");
  if (kept === null || kept.path !== location.pathname || !document.getElementById("entry-words")) return;
  sessionStorage.removeItem(KEPT);
  const taken = form() && kept.login === words("login");
  notTaken([...(taken ? [] : kept.entries.map((entry) => entry.typed)), ...kept.typed]);
  if (!taken) return;
  queue.push(...kept.entries);
  send();
});

// The field while it is locked: what is typed is kept beside it, and Enter is dead until the text was dealt with.
document.addEventListener(
  "keydown",
  (event) => {
    if (!locked || event.target.id !== "typed" || event.ctrlKey || event.metaKey || event.altKey) return;
    if (event.key === "Enter" && unanswered && waiting.length === 0 && onward === null) return;
    if (event.key === "Enter" && onward !== null) {
      goOn();
    } else if (event.key === "Enter") {
      waiting.push("");
    } else if (event.key === "Escape") {
      field().value = "";
      unlock();
    } else if (TYPED.test(event.key)) {
      if (waiting.length === 0) waiting.push("");
      waiting[waiting.length - 1] += event.key;
      sayWaiting();
    } else {
      if (["Backspace", "Delete", "ArrowLeft", "ArrowRight", "Home", "End"].includes(event.key)) unlock();
      return;
    }
    event.preventDefault();
    event.stopImmediatePropagation();
  },
  true,
);

document.addEventListener("input", (event) => {
  if (event.target.id === "typed" && locked) unlock();
});
document.addEventListener("pointerdown", (event) => {
  if (event.target.id === "typed" && locked) unlock();
});

// The question was answered and its place is taken: what was typed meanwhile is told, and the field is empty for the next.
document.addEventListener("htmx:after:swap", () => {
  if (!locked || !field() || Number(form().dataset.place) === lockedAt) return;
  const typed = waiting;
  field().value = "";
  inField = "";
  unlock();
  notTaken(typed);
});

document.addEventListener("submit", (event) => {
  if (event.target.id !== "entry") return;
  event.preventDefault();
  enqueue(field().value);
});

// A column pasted into the field goes to the preview, where each reading stands beside its station before it is taken.
document.addEventListener("paste", (event) => {
  if (event.target.id !== "typed") return;
  const text = event.clipboardData.getData("text");
  if (!/[\r\n\t;]/.test(text.trim())) return;
  event.preventDefault();
  const csrf = form().querySelector("[name=_csrf]");
  htmx.ajax("POST", form().action.replace(/readings$/, "paste/preview"), {
    source: form(),
    target: "#work",
    swap: "innerMorph",
    values: { pasted: text, _csrf: csrf ? csrf.value : "" },
  });
});

document.addEventListener("keydown", (event) => {
  if (event.key !== "Backspace" || event.target.id !== "typed" || event.target.value !== "") return;
  const back = document.getElementById("take-back");
  if (!back || queue.length > 0 || event.repeat) return;
  event.preventDefault();
  unlock();
  back.requestSubmit();
});

// A page part that is no answer (signed out, server trouble) never replaces the docket.
document.addEventListener("htmx:before:response", (event) => {
  const status = event.detail.ctx.response.status;
  if (status === 401 || status === 403 || status === 404 || status >= 500) {
    event.preventDefault();
    event.detail.ctx.swap = "none";
    if (!event.detail.ctx.values) say("entry-problem", words(status) ?? words(0));
  }
});
