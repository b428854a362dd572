package knollwind.core.speech;

import java.io.IOException;
import java.util.List;
import knollwind.core.sound.Beginnings;
import knollwind.core.sound.Recording;

/** Understands nothing: each phrase between two pauses is one mark, to be typed over. For where no recogniser is installed. */
public final class PhraseDrafter implements Drafter {
    /** Stands for what is said. */
    public static final String MARK = "\u2026";

    @Override
    public Aligned draft(Recording recording, long frames) throws IOException {
        List<Beginnings.Phrase> said = Beginnings.speech(recording, frames);
        if (said.isEmpty()) {
            throw new IllegalArgumentException(Aligned.NOTHING);
        }
        return new Aligned(
                said.stream()
                        .map(phrase -> new Aligned.Word(MARK, phrase.from(), phrase.to(), 0, Aligned.UNREAD))
                        .toList(),
                List.of(),
                List.of(),
                true);
    }
}
