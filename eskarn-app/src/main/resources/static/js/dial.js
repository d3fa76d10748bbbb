// Moves the needle of the simulated indicator along its way from the last place to this one, as if the part were turned
// under it. Whoever asks for less motion sees it at its place at once.

const still = matchMedia("(prefers-reduced-motion: reduce)");
const DURATION_MS = 700;
let shownWay = null;

function moveNeedle() {
  const holder = document.getElementById("needle-way");
  const needle = document.getElementById("needle");
  if (!holder || !needle) return;
  const written = holder.dataset.way;
  if (written === shownWay) return;
  shownWay = written;
  const way = written.split(" ").map(Number);
  const last = way[way.length - 1];
  if (still.matches || way.length < 2) {
    needle.setAttribute("transform", `rotate(${last})`);
    return;
  }
  const began = performance.now();
  const step = (now) => {
    if (shownWay !== written) return; // a newer way has begun
    // A frame may carry a time a little before the swap that began this.
    const share = Math.min(1, Math.max(0, (now - began) / DURATION_MS));
    const at = share * (way.length - 1);
    const i = Math.min(Math.floor(at), way.length - 2);
    needle.setAttribute("transform", `rotate(${way[i] + (way[i + 1] - way[i]) * (at - i)})`);
    if (share < 1) requestAnimationFrame(step);
  };
  requestAnimationFrame(step);
}

document.addEventListener("htmx:after:swap", moveNeedle);
document.addEventListener("DOMContentLoaded", moveNeedle);
