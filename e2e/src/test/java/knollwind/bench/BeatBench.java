package knollwind.bench;

import java.util.ArrayList;
import java.util.List;
import knollwind.core.sound.BeatFinder;
import knollwind.core.sound.FoundBeats;
import knollwind.core.sound.MadeLoop;

/** How well the beats of made music are found, and how fast. */
final class BeatBench {
    private static final int SLOWEST = 70;
    private static final int FASTEST = 180;
    private static final int STEP = 5;
    private static final double SECONDS = 30;
    private static final double NEAR_MS = 25;
    private static final double OF_TEMPO = 0.005;

    private BeatBench() {}

    static void run() throws Exception {
        for (MadeLoop.Feel feel : MadeLoop.Feel.values()) {
            int count = 0;
            int right = 0;
            int octaves = 0;
            int flagged = 0;
            int bars = 0;
            double worstTempo = 0;
            double worstMet = 1;
            double met = 0;
            double took = 0;
            List<Integer> wrong = new ArrayList<>();
            for (int each = SLOWEST; each <= FASTEST; each += STEP) {
                int tempo = each;
                MadeLoop loop = MadeLoop.of(tempo, feel, SECONDS, 0.3 + tempo % 7 * 0.05);
                long before = System.nanoTime();
                FoundBeats found = BeatFinder.find(loop, loop.frames());
                took += (System.nanoTime() - before) / 1e9;
                count++;
                double off = Math.abs(found.perMinute() / tempo - 1);
                flagged += found.also().isEmpty() ? 0 : 1;
                if (off > OF_TEMPO) {
                    wrong.add(tempo);
                    octaves += found.also().stream().anyMatch(other -> Math.abs(other / tempo - 1) <= OF_TEMPO) ? 1 : 0;
                    continue;
                }
                right++;
                bars += found.perBar() == loop.perBar() ? 1 : 0;
                worstTempo = Math.max(worstTempo, off);
                double share = loop.met(found, NEAR_MS);
                met += share;
                worstMet = Math.min(worstMet, share);
            }
            System.out.printf(
                    "beats, %-10s %d loops of %.0f s, %d to %d a minute: tempo right in %d (worst %.3f %% off), wrong %s"
                            + " (%d of them said as the other octave), another octave said in %d; beats within %.0f ms:"
                            + " %.1f %%, at least %.1f %%; bars right in %d; %.0f times as fast as it is heard%n",
                    feel.name().toLowerCase().replace('_', ' '),
                    count,
                    SECONDS,
                    SLOWEST,
                    FASTEST,
                    right,
                    100 * worstTempo,
                    wrong,
                    octaves,
                    flagged,
                    NEAR_MS,
                    100 * met / Math.max(1, right),
                    100 * worstMet,
                    bars,
                    count * SECONDS / took);
        }
    }
}
