package knollwind.core.speech;

import java.io.IOException;
import knollwind.core.sound.Recording;

/** Finds out what is said where there is no script. */
public interface Drafter {
    /**
     * @param frames sample frames of the recording
     * @throws IllegalArgumentException when nothing can be heard, with the reason
     */
    Aligned draft(Recording recording, long frames) throws IOException;
}
