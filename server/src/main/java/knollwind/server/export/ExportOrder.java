package knollwind.server.export;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.stream.Stream;
import knollwind.core.scene.Check;
import knollwind.paint.CaptionsIn;
import knollwind.paint.ExportKind;
import knollwind.paint.Frames;

/**
 * What is to be made.
 *
 * @param scene id or name
 * @param format id or name
 * @param also further kinds of the same frames, made of the same painting; none when left out
 * @param frame the frame of a still
 * @param transparent whether the scene's background is left out
 * @param film whether all scenes are made, one after the other; not for a still. False when left out
 * @param stretch the frames of the scene or film that are made; not for a still. All when left out
 * @param captions what becomes of captions; part of the picture when left out
 * @param revision the state that is made; the newest when left out
 * @param row id of the version that is made; what stands in the project when left out
 */
record ExportOrder(
        @NotBlank String scene,
        @NotBlank String format,
        @NotNull ExportKind kind,
        List<ExportKind> also,
        int frame,
        boolean transparent,
        Boolean film,
        Frames stretch,
        CaptionsIn captions,
        Long revision,
        String row) {
    ExportOrder {
        film = Boolean.TRUE.equals(film);
        also = Check.list(also);
        captions = captions == null ? CaptionsIn.PICTURE : captions;
    }

    /** The same for a version, in a format. */
    ExportOrder of(String version, String shape, long state) {
        return new ExportOrder(scene, shape, kind, also, frame, transparent, film, stretch, captions, state, version);
    }

    /** The same as other kinds. */
    ExportOrder as(List<ExportKind> kinds) {
        return new ExportOrder(
                scene,
                format,
                kinds.get(0),
                kinds.subList(1, kinds.size()),
                frame,
                transparent,
                film,
                stretch,
                captions,
                revision,
                row);
    }

    /** All kinds that are asked for, each once. */
    List<ExportKind> kinds() {
        return Stream.concat(Stream.of(kind), also.stream()).distinct().toList();
    }
}
