package knollwind.core.edit;

import com.fasterxml.jackson.annotation.JsonCreator;

/**
 * Where the user is while something is wished.
 *
 * @param scene id of the open scene
 * @param format id of the format that is looked at; empty for the scene's base format
 * @param everywhere whether what is changed is meant for all formats
 * @param frame of the scene at which the playhead stands
 * @param recording whether what is changed at another time becomes a key of that time
 * @param holding whether the value before is held until a recorded key instead of running up to it
 * @param caption id of the caption that changes of its design are meant for alone; null for all captions
 * @param row id of the version that is looked at; null for what stands in the project
 * @param pinned whether what is changed is meant for that version alone
 * @param condition id of the condition under which alone what is changed holds; null for always
 */
public record Looking(
        String scene,
        String format,
        boolean everywhere,
        double frame,
        boolean recording,
        Boolean holding,
        String caption,
        String row,
        Boolean pinned,
        String condition) {
    @JsonCreator
    public Looking {
        format = format == null ? "" : format;
        holding = Boolean.TRUE.equals(holding);
        pinned = Boolean.TRUE.equals(pinned);
    }

    /** The same place in what stands in the project. */
    Looking inProject(boolean inAllFormats) {
        return new Looking(
                scene, format, inAllFormats, frame, recording, holding, caption, null, null, pinned ? null : condition);
    }

    /** Where no caption is meant alone, and no version looked at. */
    public Looking(String scene, String format, boolean everywhere, double frame, boolean recording, Boolean holding) {
        this(scene, format, everywhere, frame, recording, holding, null, null, null, null);
    }
}
