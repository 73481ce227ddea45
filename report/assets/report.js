"use strict";
// Plays a take from the stroke that is clicked, with the click and slowed down, and collects what is written beside
// strokes. Nothing is asked of any network.
const data = JSON.parse(document.getElementById("data").textContent);
const words = data.words;

function setUp(section) {
  const facts = data.takes[Number(section.dataset.take)];
  const audio = section.querySelector("audio");
  const marks = [...section.querySelectorAll(".mark")];
  const byTime = marks.map((mark) => ({ mark, t: Number(mark.dataset.t) })).sort((a, b) => a.t - b.t);
  const remarks = section.querySelector(".remarks");
  let now = null;

  function show(mark) {
    if (now) now.classList.remove("now");
    now = mark;
    if (now) now.classList.add("now");
  }

  function remarkOn(mark) {
    const key = mark ? mark.dataset.n + "/" + mark.dataset.p + "/" + mark.dataset.t : "whole";
    let box = [...remarks.children].find((one) => one.dataset.key === key);
    if (!box) {
      box = document.createElement("div");
      box.className = "remark";
      box.dataset.key = key;
      const name = document.createElement("b");
      name.textContent = mark ? words.pass.replace("%1", mark.dataset.p) + ": " + mark.querySelector("title").textContent : words.whole;
      const away = document.createElement("button");
      away.type = "button";
      away.textContent = words.remove;
      const text = document.createElement("textarea");
      text.setAttribute("aria-label", name.textContent);
      text.maxLength = 2000;
      away.addEventListener("click", () => { box.remove(); if (mark) mark.classList.remove("told"); });
      box.append(name, away, text);
      box.mark = mark;
      remarks.append(box);
      if (mark) mark.classList.add("told");
    }
    return box.querySelector("textarea");
  }

  for (const { mark, t } of byTime) {
    mark.addEventListener("click", () => {
      show(mark);
      if (audio) { audio.currentTime = t; audio.play(); }
    });
    mark.addEventListener("dblclick", () => { if (audio) audio.pause(); remarkOn(mark).focus(); });
    mark.addEventListener("keydown", (event) => {
      if (event.key === "Enter") mark.dispatchEvent(new MouseEvent("click"));
      if (event.key === "w") { event.preventDefault(); remarkOn(mark).focus(); }
      const step = event.key === "ArrowRight" ? 1 : event.key === "ArrowLeft" ? -1 : 0;
      const next = byTime[byTime.findIndex((one) => one.mark === mark) + step];
      if (step && next) { event.preventDefault(); next.mark.focus(); show(next.mark); }
    });
  }
  if (byTime.length) byTime[0].mark.setAttribute("tabindex", "0");
  section.querySelector(".write").addEventListener("click", () => remarkOn(now).focus());
  section.querySelector(".about").addEventListener("click", () => remarkOn(null).focus());
  if (audio) playAlong(section, audio, facts, byTime, show);

  return () => {
    const tempo = Number(section.querySelector(".tempo").value);
    const said = [...remarks.children].map((box) => ({
      pass: box.mark ? Number(box.mark.dataset.p) : 0,
      stroke: box.mark ? Number(box.mark.dataset.n) : -1,
      time_s: box.mark ? Number(box.mark.dataset.t) : 0,
      text: box.querySelector("textarea").value.trim(),
    })).filter((one) => one.text);
    const answer = { exercise: facts.exercise, started_at: facts.started_at, remarks: said };
    if (tempo) answer.tempo_bpm = tempo;
    return answer;
  };
}

// Follows the sound with the eye, and clicks along: a click is placed on the clock of the sound card half a second ahead.
function playAlong(section, audio, facts, byTime, show) {
  const withClick = section.querySelector(".click");
  const half = section.querySelector(".half");
  let context = null;
  let next = 0;
  half.addEventListener("change", () => { audio.playbackRate = half.checked ? 0.5 : 1; });
  const align = () => { next = facts.clicks.findIndex((t) => t >= audio.currentTime - 0.01); };
  for (const event of ["seeked", "play", "ratechange"]) audio.addEventListener(event, align);
  withClick.addEventListener("change", align);

  function ping(at, loud) {
    const tone = context.createOscillator();
    const level = context.createGain();
    tone.frequency.value = loud ? 1500 : 1000;
    level.gain.setValueAtTime(0.4, at);
    level.gain.exponentialRampToValueAtTime(0.001, at + 0.05);
    tone.connect(level).connect(context.destination);
    tone.start(at);
    tone.stop(at + 0.06);
  }

  function frame() {
    if (!audio.paused) {
      let low = 0;
      for (let high = byTime.length; low < high;) {
        const middle = (low + high) >> 1;
        if (byTime[middle].t <= audio.currentTime + 0.005) low = middle + 1; else high = middle;
      }
      show(low > 0 ? byTime[low - 1].mark : null);
      if (withClick.checked) {
        context = context || new AudioContext();
        while (next >= 0 && next < facts.clicks.length) {
          const ahead = (facts.clicks[next] - audio.currentTime) / audio.playbackRate;
          if (ahead > 0.3) break;
          if (ahead > -0.02) ping(context.currentTime + Math.max(0, ahead), facts.ones.includes(next));
          ++next;
        }
      }
    }
    requestAnimationFrame(frame);
  }
  requestAnimationFrame(frame);
}

const takes = [...document.querySelectorAll("section.take")].map(setUp);

function answer() {
  return JSON.stringify({ format: "upbeat-check/answer", version: 1, from: document.getElementById("from").value,
    takes: takes.map((take) => take()).filter((one) => one.remarks.length || one.tempo_bpm) }, null, 1);
}

document.getElementById("save").addEventListener("click", () => {
  const link = document.createElement("a");
  link.href = URL.createObjectURL(new Blob([answer()], { type: "application/json" }));
  link.download = data.answer_file;
  link.click();
  setTimeout(() => URL.revokeObjectURL(link.href), 1000);
});
document.getElementById("copy").addEventListener("click", () => {
  const out = document.getElementById("text");
  out.hidden = false;
  out.value = answer();
  out.select();
});
