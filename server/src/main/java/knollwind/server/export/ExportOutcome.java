package knollwind.server.export;

import java.util.List;

/**
 * What will come out of an order.
 *
 * @param width in px, as height
 * @param rate frames a second
 * @param seconds how long it plays
 * @param estimate seconds until it is made, from when it begins
 */
record ExportOutcome(
        List<String> fileNames, int width, int height, double rate, int frames, double seconds, double estimate) {}
