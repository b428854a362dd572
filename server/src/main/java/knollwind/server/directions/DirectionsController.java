package knollwind.server.directions;

import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Positive;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.stream.Stream;
import knollwind.core.directions.caption.CaptionRuleWords;
import knollwind.core.directions.controls.FormatPx;
import knollwind.core.directions.dress.DressReader;
import knollwind.core.directions.grammar.Completion;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.directions.scene.SceneReader;
import knollwind.core.directions.setting.SettingReader;
import knollwind.core.directions.setting.ShapeReader;
import knollwind.core.document.DocumentJson;
import knollwind.core.motion.Easings;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Beats;
import knollwind.core.scene.Move;
import knollwind.core.wording.WordingReader;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;

/** Typed sentences. */
@RestController
@RequestMapping("/api/directions")
class DirectionsController {
    /**
     * A sentence of a move; {@code previous} is the move it replaces, if it replaces one.
     *
     * @param rate of the scene, frames a second
     * @param beats of the scene; null without a tempo
     * @param px of the format that is looked at, for one of those that lengths are kept in; null for the same
     */
    record MoveSentence(
            @NotNull PhaseKind phase,
            @NotNull @Size(max = 4000) String sentence,
            @Positive @Max(1000) double rate,
            Beats beats,
            @Positive @Max(1000) Double px,
            @Schema(ref = "#/components/schemas/Move") JsonNode previous) {}

    /** The move that a sentence tells. */
    record ReadMove(
            @Schema(ref = "#/components/schemas/Move") JsonNode move) {}

    /** A sentence up to the caret. */
    record Typed(
            @NotNull PhaseKind phase,
            @NotNull @Size(max = 4000) String typed) {}

    /** What else is told by sentences that are typed. */
    enum Told {
        WORDS(SettingReader.OPENINGS),
        SHAPE(ShapeReader.OPENINGS),
        SCENE(SceneReader.OPENINGS),
        CAPTIONS(CaptionRuleWords.OPENINGS),
        DRESS(Stream.concat(DressReader.OPENINGS.stream(), DressReader.MORE.stream())
                .toList()),
        /** Steps that build words; fields and blocks are named in it as they are said. */
        SAYS(WordingReader.OPENINGS),
        /** When values are other; fields and blocks are named in it as they are said. */
        CONDITION(WordingReader.CONDITIONS);

        private final List<String> openings;

        Told(List<String> openings) {
            this.openings = openings;
        }
    }

    /**
     * A sentence up to the caret.
     *
     * @param names of the blocks that can be named in it
     */
    record TypedOf(
            @NotNull Told told,
            @NotNull @Size(max = 4000) String typed,
            @NotNull @Size(max = 10_000) List<@NotNull @Size(max = 10_000) String> names) {}

    /** An easing function in CSS notation or one of our own. */
    record EasingText(@NotNull @Size(max = 2000) String function) {}

    @PostMapping("/read")
    ReadMove read(@Valid @RequestBody MoveSentence request) {
        Move previous = request.previous() == null || request.previous().isNull()
                ? null
                : DocumentJson.read(request.previous(), Move.class);
        FormatPx px = request.px() == null ? FormatPx.PLAIN : FormatPx.scaled(request.px());
        return new ReadMove(DocumentJson.tree(MoveReader.readEveryday(
                request.sentence(), request.phase(), previous, request.rate(), request.beats(), px)));
    }

    /** The function, if it can be read. */
    @PostMapping("/easing")
    EasingText easing(@Valid @RequestBody EasingText request) {
        Easings.read(request.function());
        return new EasingText(request.function().strip());
    }

    @PostMapping("/complete")
    List<Completion> complete(@Valid @RequestBody Typed request) {
        return MoveReader.complete(request.typed(), request.phase());
    }

    @PostMapping("/offers")
    List<Completion> offers(@Valid @RequestBody TypedOf request) {
        if (request.told() == Told.SAYS || request.told() == Told.CONDITION) {
            return Completion.of(
                    request.typed(),
                    Stream.concat(request.names().stream(), request.told().openings.stream())
                            .toList(),
                    List.of());
        }
        return Completion.of(request.typed(), request.told().openings, request.names());
    }
}
