#!/bin/bash
# Makes the demo's sounds anew: the voice of the pier's loudspeaker from synthesised speech, and the music from plain tones.
# They are kept in demo/sounds, so this is only needed to change them. Needs flite, sox and ffmpeg (apt-get install flite sox ffmpeg).
set -euo pipefail
root=$(cd "$(dirname "${BASH_SOURCE[0]}")/.." && pwd)
out="$root/demo/sounds"
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT
cd "$work"

keep() { ffmpeg -v error -y -bitexact -i "$1" -c:a aac -b:a "$2" "$out/$3"; }

# say NAME STRETCH TEXT: a line without the silence before it, slowed down for a loudspeaker.
say() {
  flite -voice slt -t "$3" -o line.wav
  sox line.wav -r 48000 "$1.wav" silence 1 0.02 0.5% tempo -s "$2"
}
say boat 0.86 "The last boat home leaves at"
say eleven 0.80 "eleven."
say coat 0.92 "Bring a coat. The deck is windy."
say lamp 0.92 "The lamp on pier two will guide you."

# bell NAME HERTZ SECONDS: a struck bell, its partials fading at their own pace.
bell() {
  local partials=()
  for partial in "1 0.5 1" "2.0 0.32 0.7" "2.76 0.2 0.45" "5.4 0.1 0.2"; do
    set -- "$1" "$2" "$3" $partial
    local length; length=$(echo "$3 * $6" | bc -l)
    sox -n -r 48000 "p$4.wav" synth "$length" sine "$(echo "$2 * $4" | bc -l)" fade l 0.004 "$length" "$length" vol "$5"
    partials+=("p$4.wav")
  done
  sox -m "${partials[@]}" "$1.wav" norm -6
}

# The loudspeaker: a chime, a narrow band, and the slap off the quay. Every line begins at the frame of its words.
bell high 784 0.9
bell low 587 1.1
sox -m "|sox high.wav -p vol 0.3" "|sox low.wav -p vol 0.3 pad 0.25" \
  "|sox boat.wav -p pad 0.625" "|sox eleven.wav -p pad 3.125" "|sox coat.wav -p pad 6.25" "|sox lamp.wav -p pad 8.75" mixed.wav
sox mixed.wav voice.wav highpass 380 lowpass 3100 overdrive 2 0 echo 0.9 0.7 118 0.22 gain -n -4 pad 0 4 trim 0 12.5
keep voice.wav 96k pier-loudspeaker.m4a

# The music: a low drone that beats slowly, a bell buoy, a rail that ticks on the beat. 96 beats a minute, 80 seconds.
sox -n -r 48000 -c 2 drone.wav synth 80 sine 73.42 sine 73.57 synth 80 sine mix 110.0 sine mix 110.31 \
  lowpass 400 tremolo 0.12 35 fade 2 80 6 gain -n -20
bell buoy 466 7
for strike in "0 0.5 0.5" "5 0.34 0.3" "6.875 0.16 0.7" "12.5 0.5 0.42" "17.5 0.25 0.6" "20.625 0.3 0.35"; do
  set -- $strike
  sox buoy.wav -c 2 "s$1.wav" remix "1v$(echo "$2 * $3 * 2" | bc -l)" "1v$(echo "$2 * (1 - $3) * 2" | bc -l)" pad "$1"
done
sox -m s*.wav strikes.wav pad 0 25 trim 0 25
sox strikes.wav bells.wav repeat 3 trim 0 80 reverb 55 50 90 fade 0 80 5 gain -n -11
sox -n -r 48000 tick.wav synth 0.02 noise highpass 1500 lowpass 5200 fade p 0.001 0.02 0.018
sox tick.wav one.wav pad 0 0.605 trim 0 0.625
sox tick.wav two.wav vol 0.4 pad 0 0.605 trim 0 0.625
sox one.wav two.wav two.wav two.wav bar.wav
sox bar.wav -c 2 rail.wav repeat 31 trim 0 80 fade 5 80 8 gain -n -30
sox -m drone.wav bells.wav rail.wav music.wav gain -n -7
keep music.wav 128k night-water.m4a
