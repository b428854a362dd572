package knollwind.core.motion;

import knollwind.core.scene.Move;

/** Makes a way out of a way in. */
public final class Mirror {
    private Mirror() {}

    /**
     * The move that, in a leave, shows at k frames before the end what the arrive shows k frames after the start, when
     * ranks are reversed too: the same channels, the easing reversed. The order keeps its name.
     */
    public static Move of(Move arrive, String id) {
        return new Move(
                        id,
                        arrive.unit(),
                        arrive.order(),
                        arrive.pace(),
                        Easings.reversed(arrive.easing()),
                        arrive.pivot(),
                        arrive.after(),
                        arrive.hidden(),
                        arrive.reveal(),
                        arrive.channels())
                .muted(arrive.muted());
    }
}
