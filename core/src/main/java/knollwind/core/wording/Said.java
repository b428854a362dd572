package knollwind.core.wording;

import knollwind.core.scene.FrameRate;

/** What the steps of a wording can ask for. */
interface Said {
    /** What a field is filled in with, as text. */
    String field(String id);

    /** The words of another block. */
    String block(String id);

    /** Frames since the block came on. */
    double time();

    FrameRate rate();
}
