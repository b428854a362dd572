package knollwind.core.speech;

import java.io.IOException;
import knollwind.core.sound.Recording;

/** Finds out when the words of a script are said. */
public interface Aligner {
    /**
     * @param frames sample frames of the recording
     * @throws IllegalArgumentException when nothing can be heard, with the reason
     */
    Aligned align(Recording recording, long frames, Script script) throws IOException;
}
