import type { Heard } from '../api/client';
import { load, known } from './samples';
import { CHUNK, played, piecesOf, RATE, type Piece, type Stretch } from './pieces';

/** Seconds of what is played that are handed over ahead of time, and fetched ahead of that. */
const AHEAD = 1;
const FETCHED = 6;
const EVERY_MS = 100;
/** Seconds until the first sample is heard, so that it is handed over in time. */
const LEAD = 0.06;
const PATIENCE_MS = 600;
const GRAIN = 0.09;
const FADE = 0.012;
const QUIET_MS = 300;

let context: AudioContext | undefined;
let coming = false;

/** The browser lets a page be heard once its user has clicked or pressed a key in it. */
function audio(): AudioContext {
  context ??= new AudioContext({ sampleRate: RATE, latencyHint: 'interactive' });
  return context;
}

/** What is playing: its clock, and how it ends. */
export interface Playing {
  /** Seconds of what is played since its start, as they are heard. */
  elapsed: () => number;
  /** From now on these are heard. */
  change: (heard: Heard[]) => void;
  stop: () => void;
  /** Whether the sound is the clock; false while there is nothing to hear, or nothing that can be heard. */
  heard: () => boolean;
}

/**
 * Plays a stretch from a place in it on. The sound is the clock: what is seen follows the time of the samples that are heard.
 * Without sounds, and where nothing can be heard, the browser's own clock counts.
 *
 * @param from seconds after the stretch's start
 * @param speed how many seconds of the stretch pass in one
 */
export function play(sounds: Heard[], stretch: Stretch, from: number, speed: number): Playing {
  const began = performance.now();
  const bySight = () => from + ((performance.now() - began) / 1000) * speed;
  let heard = sounds;
  let gone = false;
  /** The context's time at which the stretch's start is or would have been heard; null while the sight is the clock. */
  let zero: number | null = null;
  let least = from;
  let handed = 0;
  let timer: ReturnType<typeof setInterval> | undefined;
  const going = new Set<AudioBufferSourceNode>();
  const silence = () => {
    going.forEach((source) => source.stop());
    going.clear();
  };

  const hand = (own: AudioContext, piece: Piece, buffer: AudioBuffer) => {
    if (gone || zero === null) return;
    const when = zero + piece.at / RATE / speed;
    // What comes too late is taken up where it would be by now.
    const late = Math.max(0, own.currentTime - when) * speed;
    const left = piece.count / RATE - late;
    if (left <= 0) return;
    const source = own.createBufferSource();
    const gain = own.createGain();
    source.buffer = buffer;
    source.playbackRate.value = speed;
    loudness(gain.gain, piece, when, speed);
    source.connect(gain).connect(own.destination);
    source.onended = () => {
      going.delete(source);
      gain.disconnect();
    };
    source.start(Math.max(own.currentTime, when), piece.offset / RATE + late, left);
    going.add(source);
  };
  const handOver = (own: AudioContext) => {
    if (zero === null) return;
    const now = Math.max(0, (own.currentTime - zero) * speed);
    const until = Math.round((now + AHEAD * speed) * RATE);
    const round = heard;
    for (const piece of played(round, stretch, handed, until)) {
      const here = known(piece.sha256, piece.chunk);
      if (here) hand(own, piece, here);
      else
        void load(own, piece.sha256, piece.chunk).then((buffer) => {
          if (buffer && round === heard) hand(own, piece, buffer);
        });
    }
    handed = Math.max(handed, until);
    for (const { sha256, chunk } of played(round, stretch, until, until + FETCHED * RATE))
      void load(own, sha256, chunk);
  };
  const begin = async () => {
    const own = audio();
    const now = bySight();
    const first = played(heard, stretch, Math.round(now * RATE), Math.round((now + AHEAD) * RATE));
    await Promise.race([
      Promise.all([own.resume(), ...first.map(({ sha256, chunk }) => load(own, sha256, chunk))]),
      new Promise((done) => setTimeout(done, PATIENCE_MS)),
    ]);
    if (gone || own.state !== 'running') return;
    const at = bySight();
    zero = own.currentTime + LEAD - at / speed;
    handed = Math.round(at * RATE);
    handOver(own);
    timer = setInterval(() => handOver(own), EVERY_MS);
  };
  if (heard.length > 0) void begin();

  return {
    heard: () => zero !== null,
    // Time does not run backwards when the sound takes over as the clock.
    elapsed: () =>
      (least = Math.max(least, zero === null ? bySight() : (audibleTime(audio()) - zero) * speed)),
    change: (next) => {
      const some = heard.length > 0;
      heard = next;
      if (zero === null) {
        if (!some && next.length > 0) void begin();
        return;
      }
      silence();
      const own = audio();
      handed = Math.max(0, Math.round((own.currentTime - zero) * speed * RATE));
      handOver(own);
    },
    stop: () => {
      gone = true;
      clearInterval(timer);
      silence();
    },
  };
}

/** The context's time of the sample that is heard right now: what was handed over lies a little ahead of it. */
function audibleTime(own: AudioContext): number {
  const stamp = own.getOutputTimestamp();
  if (!stamp.contextTime || !stamp.performanceTime) return own.currentTime;
  const now = stamp.contextTime + (performance.now() - stamp.performanceTime) / 1000;
  return Math.min(own.currentTime, Math.max(now, own.currentTime - 0.5));
}

/** Lets a piece be as loud as it is in time; its first sample is heard at a time of the context, or would have been. */
function loudness(gain: AudioParam, piece: Piece, when: number, speed: number): void {
  if (!piece.gains) {
    gain.value = piece.gain;
    return;
  }
  piece.gains.forEach((one, i) => {
    const at = Math.max(0, when + one.at / RATE / speed);
    if (i === 0) gain.setValueAtTime(one.gain, at);
    else gain.linearRampToValueAtTime(one.gain, at);
  });
}

let grain: { stop: () => void } | null = null;

/** A moment of what is heard at a time, as the playhead passes it. */
export function scrub(heard: Heard[], at: number): void {
  const from = Math.round(at * RATE);
  const pieces = piecesOf(heard, from, from + Math.round(GRAIN * RATE));
  if (pieces.length === 0) return;
  const own = audio();
  void Promise.all([own.resume(), ...pieces.map(({ sha256, chunk }) => load(own, sha256, chunk))]).then(
    ([, ...buffers]) => {
      grain?.stop();
      const gain = own.createGain();
      const start = own.currentTime;
      gain.gain.setValueAtTime(0, start);
      gain.gain.linearRampToValueAtTime(1, start + FADE);
      gain.gain.setValueAtTime(1, start + GRAIN - FADE);
      gain.gain.linearRampToValueAtTime(0, start + GRAIN);
      gain.connect(own.destination);
      const sources = pieces.flatMap((piece, i) => {
        const buffer = buffers[i];
        if (!buffer) return [];
        const source = own.createBufferSource();
        const level = own.createGain();
        source.buffer = buffer;
        loudness(level.gain, piece, start + (piece.at - from) / RATE, 1);
        source.connect(level).connect(gain);
        source.start(start + (piece.at - from) / RATE, piece.offset / RATE, piece.count / RATE);
        return [source];
      });
      grain = {
        stop: () => {
          sources.forEach((source) => source.stop());
          gain.disconnect();
        },
      };
    },
  );
}

/** Fetches what is heard around a time, so that it is heard as soon as it is played. */
export function warm(heard: Heard[], at: number): void {
  if (!context) {
    // Making one can take a third of a second: it is made after the first click or key, before anything is to be heard.
    if (heard.length > 0 && !coming && navigator.userActivation?.hasBeenActive) {
      coming = true;
      setTimeout(audio, QUIET_MS);
    }
    return;
  }
  const from = Math.round(at * RATE);
  for (const { sha256, chunk } of piecesOf(heard, from, from + CHUNK)) void load(context, sha256, chunk);
}
