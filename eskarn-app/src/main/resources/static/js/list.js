// Lists: what is typed above one leaves the rows that hold all its words; the arrows go from row to row and Enter opens the one
// they stand on, from the field the first; a press on the head of a column sorts by it, and again the other way.
"use strict";

// Where a row has several, the one that opens it is marked.
const rowLink = (row) => row.querySelector("a[data-opens]") ?? row.querySelector("a");

const listField = () => document.querySelector("[data-find]");

const listRows = () => [...document.querySelectorAll("table[data-list] tbody tr, table[data-walked] tbody tr")];

// Where an entry has several rows, the first leads somewhere.
const shownRows = () => listRows().filter((row) => !row.hidden && rowLink(row));

function findInList() {
  const words = listField().value.toLowerCase().split(/\s+/);
  listRows().forEach((row) => {
    const text = row.textContent.toLowerCase();
    row.hidden = !words.every((word) => text.includes(word));
  });
  document.querySelectorAll("section:has(table[data-list])").forEach((section) => {
    section.hidden = [...section.querySelectorAll("tbody tr")].every((row) => row.hidden);
  });
  document.querySelector("[data-find-none]").hidden = shownRows().length > 0;
}

document.addEventListener("input", (event) => {
  if (event.target === listField()) findInList();
});

// A list whose finding is done by the server has a field of its own.
const walkField = () => listField() ?? document.querySelector("[data-walk]");

document.addEventListener("keydown", (event) => {
  if (event.ctrlKey || event.metaKey || event.altKey) return;
  if (listField() && event.target === listField() && event.key === "Escape") {
    listField().value = "";
    findInList();
    return;
  }
  if (listField() && event.target === listField() && event.key === "Enter") {
    event.preventDefault();
    const [first] = shownRows();
    if (first) rowLink(first).click();
    return;
  }
  const step = { ArrowDown: 1, ArrowUp: -1 }[event.key];
  if (!step) return;
  const rows = shownRows();
  const at = rows.findIndex((row) => row.contains(document.activeElement));
  if (at < 0 && (!walkField() || event.target !== walkField())) return;
  event.preventDefault();
  const next = at < 0 ? (step > 0 ? 0 : -1) : at + step;
  (rows[next] ? rowLink(rows[next]) : walkField())?.focus();
});

// Without script a head is only a head.
document.addEventListener("DOMContentLoaded", () => {
  document.querySelectorAll("table[data-list] thead th").forEach((head) => {
    // A head that leads somewhere does that.
    if (head.querySelector("a")) return;
    const button = document.createElement("button");
    button.type = "button";
    button.className = "sorts";
    button.append(...head.childNodes);
    head.append(button);
  });
});

const cellValue = (row, column) => row.cells[column].dataset.value ?? row.cells[column].textContent.trim();

document.addEventListener("click", (event) => {
  const button = event.target.closest("table[data-list] th button");
  if (!button) return;
  const head = button.closest("th");
  const down = head.getAttribute("aria-sort") === "ascending";
  head.parentElement.querySelectorAll("th").forEach((other) => other.removeAttribute("aria-sort"));
  head.setAttribute("aria-sort", down ? "descending" : "ascending");
  const body = head.closest("table").tBodies[0];
  const inOrder = new Intl.Collator(undefined, { numeric: true }).compare;
  [...body.rows]
    .sort((a, b) => (down ? -1 : 1) * inOrder(cellValue(a, head.cellIndex), cellValue(b, head.cellIndex)))
    .forEach((row) => body.append(row));
});
