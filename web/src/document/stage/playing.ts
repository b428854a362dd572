/** Time: where the playhead is, how it is played, and what is recorded. */
export interface Playing {
  frame: number;
  playing: boolean;
  loop: boolean;
  dropped: number;
  /** px of the picture that are one while it plays, where it could not be painted in time otherwise. */
  coarse: number;
  /** The stretch that is played, [from, to); null plays the whole scene. */
  range: { from: number; to: number } | null;
  /** How fast it is played. */
  speed: number;
  /** Whether sounds are heard. */
  sound: boolean;
  /** Whether a click is heard on every beat. */
  click: boolean;
  /** Whether what is changed at another time becomes a key of that time. */
  recording: boolean;
  /** Whether a recorded key holds the value before until there, instead of running up to it. */
  holding: boolean;
  /** Frames between the picture and each of its neighbours that shine through; 0 for none. */
  onion: number;
}

export const playing: Playing = {
  frame: 0,
  playing: false,
  loop: true,
  dropped: 0,
  coarse: 1,
  range: null,
  speed: 1,
  sound: true,
  click: false,
  recording: false,
  holding: false,
  onion: 0,
};
