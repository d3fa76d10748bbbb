// Who signs in on a page that stays as it is, and links that are shown in full.

document.addEventListener("click", (event) => {
  const dialog = document.getElementById("change-person");
  if (event.target.closest("[data-change-person]")) {
    event.preventDefault();
    dialog.querySelector("form")?.remove();
    dialog.append(dialog.querySelector("template").content.cloneNode(true));
    dialog.querySelector("[name=to]").value = location.pathname + location.search;
    dialog.showModal();
    dialog.querySelector("[name=login]").focus();
  } else if (event.target.closest("[data-close]")) {
    event.target.closest("dialog").close();
  }
});

// The address of this host is known to the browser; the server never says it.
document.addEventListener("DOMContentLoaded", () => {
  for (const link of document.querySelectorAll("[data-here]")) link.textContent = location.origin + link.textContent;
});
