package knollwind.core.scene;

import java.util.List;

/**
 * How some pieces of a move differ from the others. It holds to a stretch of the words, which edits of the words move along,
 * so it stays with its characters.
 *
 * @param from first UTF-16 unit of the stretch
 * @param to behind its last one
 * @param shift frames that these pieces are later than their turn; earlier below 0, but never before the move begins
 * @param easing instead of the move's; null for the move's
 * @param times how often they move within their bar; null for as often as the others
 * @param channels instead of the move's channels of the same property, or beside them
 */
public record OwnWay(String id, int from, int to, Double shift, String easing, Integer times, List<Channel> channels) {
    public OwnWay {
        Check.id(id, "a way of its own");
        if (from < 0 || to <= from) {
            throw new IllegalArgumentException(
                    "a way of its own holds to a stretch of the words, not " + from + " to " + to);
        }
        shift = shift == null ? Double.valueOf(0) : shift;
        Check.range(shift, -100_000, 100_000, "the shift of a way of its own");
        easing = easing == null ? null : Check.text(easing, 2000, "an easing");
        if (times != null) {
            Check.range(times, 1, 100, "how often a piece moves");
        }
        channels = Check.list(channels);
        Check.uniqueIds(channels, Channel::id, "channels");
        if (channels.stream().map(Channel::property).distinct().count() != channels.size()) {
            throw new IllegalArgumentException("a way of its own has at most one channel for a property");
        }
    }

    /** True when a piece that stands for this stretch of the words goes its own way. */
    public boolean covers(int pieceFrom, int pieceTo) {
        return pieceFrom < to && pieceTo > from;
    }
}
