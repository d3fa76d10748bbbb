// A short tone for what became of a reading, so that the eyes can stay on the needle. Off until somebody wants it, on this device.
"use strict";

const SOUND = "eskarn-sound";
const TONES = {
  taken: [[880, 0.06]],
  refused: [
    [220, 0.14],
    [220, 0.14],
  ],
  out: [
    [660, 0.1],
    [440, 0.1],
    [330, 0.18],
  ],
};
const PAUSE = 0.05;

let audio = null;

const soundOn = () => localStorage.getItem(SOUND) === "on";

function sound(which) {
  if (!soundOn()) return;
  audio ??= new AudioContext();
  let at = audio.currentTime;
  for (const [hertz, seconds] of TONES[which]) {
    const tone = audio.createOscillator();
    const loudness = audio.createGain();
    tone.frequency.value = hertz;
    loudness.gain.setValueAtTime(0.2, at);
    loudness.gain.linearRampToValueAtTime(0, at + seconds);
    tone.connect(loudness).connect(audio.destination);
    tone.start(at);
    tone.stop(at + seconds);
    at += seconds + PAUSE;
  }
}

function showSound() {
  document.querySelectorAll("[data-sound]").forEach((button) => {
    button.setAttribute("aria-pressed", String(soundOn()));
    button.hidden = false;
  });
}

document.addEventListener("click", (event) => {
  if (!event.target.closest("[data-sound]")) return;
  localStorage.setItem(SOUND, soundOn() ? "off" : "on");
  showSound();
  sound("taken");
  field()?.focus();
});

document.addEventListener("eskarn:taken", () => sound(document.querySelector("[data-return-out]") ? "out" : "taken"));
document.addEventListener("eskarn:refused", () => sound("refused"));
document.addEventListener("DOMContentLoaded", showSound);
document.addEventListener("htmx:after:swap", showSound);
