package knollwind.server.worker;

import java.time.Instant;

/**
 * A program that takes exports.
 *
 * @param machine the name of its computer
 * @param processors that the computer has
 * @param load programs of the computer that want a processor at once, the mean of a minute; below 0 where it is not known
 * @param doing what it makes; empty while it waits
 * @param made files that came from it
 * @param state {@code works}, {@code waits}, {@code silent} when it is taken for dead, {@code left}
 */
record WorkerView(
        String name,
        String machine,
        int processors,
        double load,
        String doing,
        int made,
        Instant since,
        Instant seenAt,
        String state) {}
