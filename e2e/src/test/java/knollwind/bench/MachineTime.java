package knollwind.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.LongStream;
import java.util.stream.Stream;

/**
 * The time of a virtual machine's processors since it started, as Linux tells it: what its host gave to others in it makes every figure
 * worse.
 */
record MachineTime(long all, long stolen) {
    /** The place of the stolen time in the line of all processors: user, nice, system, idle, iowait, irq, softirq, steal. */
    private static final int STEAL = 7;

    static MachineTime now() {
        try {
            long[] times = Stream.of(
                            Files.readAllLines(Path.of("/proc/stat")).get(0).split(" +"))
                    .skip(1)
                    .mapToLong(Long::parseLong)
                    .toArray();
            return new MachineTime(LongStream.of(times).sum(), times[STEAL]);
        } catch (IOException e) {
            return new MachineTime(0, 0);
        }
    }

    /** The share of the time since then that was taken, 0 to 1. */
    double taken() {
        MachineTime now = now();
        return (now.stolen - stolen) / (double) Math.max(1, now.all - all);
    }
}
