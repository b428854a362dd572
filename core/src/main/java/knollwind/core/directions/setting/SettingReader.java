package knollwind.core.directions.setting;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import knollwind.core.directions.controls.FormatPx;
import knollwind.core.directions.grammar.DirectionException;
import knollwind.core.directions.grammar.Everyday;
import knollwind.core.directions.grammar.Lexer;
import knollwind.core.directions.tracks.TrackPart;
import knollwind.core.scene.Block;
import knollwind.core.scene.Breaking;
import knollwind.core.scene.Face;
import knollwind.core.scene.Fill;
import knollwind.core.scene.Fit;
import knollwind.core.scene.Forms;
import knollwind.core.scene.Length;
import knollwind.core.scene.Setting;
import knollwind.core.scene.TextBlock;
import knollwind.core.scene.TextPath;
import knollwind.core.scene.Value;
import knollwind.core.type.FontFamily;

/** Reads typed sentences of settings. Only what is said changes; the rest stays as the block has it. */
public final class SettingReader {
    /** How clauses begin. */
    public static final List<String> OPENINGS = List.of(
            "set in Archivo weight 700",
            "at 120 px",
            "tracking 20",
            "leading 1.2",
            "word spacing 120",
            "centred",
            "ranged to the start",
            "ranged to the end",
            "justified",
            "in capitals",
            "with tabular figures",
            "in pairs 40 px apart",
            "in #f4ead2",
            "in a gradient of #f0b64a at 0 % and #c8472f at 100 % along 90\u00b0",
            "in no colour",
            "pinned to the frame",
            "over each line",
            "over each character",
            "unwrapped",
            "wrapped at 60 % of the frame",
            "not fitted",
            "on straight lines",
            "opacity 50 %",
            "placed by the centre at 50 % of the frame across and 50 % of the frame down",
            "turned 8\u00b0",
            "scaled to 80 %",
            "mirrored left to right",
            "crawling left at 200 px a second, already running",
            "rolling up in its time",
            "rolling up in its time, holding the last card for 48 frames, into the distance at 50\u00b0, with soft edges of 8 %",
            "from right to left",
            "language en-GB");

    private final Lexer words;
    private final List<FontFamily> families;
    private Face face;
    private Value<Double> size;
    private Value<Double> tracking;
    private Value<Double> leading;
    private Setting.Alignment alignment;
    private Length column;
    private Length columnHeight;
    private Length pairs;
    private Double wordSpacing;
    private Setting.Ligatures ligatures;
    private Setting.Direction direction;
    private String language;
    private Fill fill;
    private Forms forms;
    private Breaking breaking;
    private Fit fit;
    private TextPath path;
    private final PlaceReader place;
    private Value<Double> opacity;

    private SettingReader(String sentence, TextBlock block, List<FontFamily> families, List<Block> neighbours) {
        this.words = new Lexer(sentence);
        this.families = families;
        Setting setting = block.setting();
        face = setting.face();
        size = setting.size();
        tracking = setting.tracking();
        leading = setting.leading();
        alignment = setting.alignment();
        column = setting.column();
        columnHeight = setting.columnHeight();
        pairs = setting.pairs();
        wordSpacing = setting.wordSpacing();
        ligatures = setting.ligatures();
        direction = setting.direction();
        language = setting.language();
        fill = setting.fill();
        forms = setting.forms();
        breaking = setting.breaking();
        fit = setting.fit();
        path = setting.path();
        place = new PlaceReader(words, block.place(), neighbours);
        opacity = block.opacity();
    }

    /**
     * The block, set and placed as the sentence tells.
     *
     * @param neighbours all blocks of the scene, which the sentence may name
     * @throws DirectionException with the place when something cannot be read
     */
    public static TextBlock read(String sentence, TextBlock block, List<FontFamily> families, List<Block> neighbours) {
        return read(sentence, block, families, neighbours, FormatPx.PLAIN);
    }

    /** @param px of the format that the sentence is typed in */
    public static TextBlock read(
            String sentence, TextBlock block, List<FontFamily> families, List<Block> neighbours, FormatPx px) {
        String family = block.setting().face().family();
        String printed = px.plain() ? "" : SettingPrinter.text(block, neighbours);
        return Everyday.read(
                sentence,
                one -> px.read(one, printed, kept -> new SettingReader(kept, block, families, neighbours).read(block)),
                () -> EverydaySettings.of(family, families));
    }

    /** The same where no other block is named. */
    public static TextBlock read(String sentence, TextBlock block, List<FontFamily> families) {
        return read(sentence, block, families, List.of(block));
    }

    private TextBlock read(TextBlock block) {
        words.clauses(this::clause, OPENINGS);
        Setting setting = new Setting(
                face,
                size,
                tracking,
                leading,
                alignment,
                column,
                ligatures,
                direction,
                language,
                fill,
                forms,
                breaking,
                fit,
                path,
                columnHeight,
                pairs,
                wordSpacing);
        return new TextBlock(
                block.id(),
                block.name(),
                block.span(),
                place.place(),
                opacity,
                block.hidden(),
                block.arrive(),
                block.leave(),
                block.text(),
                block.runs(),
                setting,
                block.placed(),
                block.dwell(),
                block.locked(),
                block.dress(),
                block.says());
    }

    private boolean clause() {
        return onPath()
                || setIn()
                || type()
                || aligned()
                || wrapped()
                || formed()
                || spaced()
                || fitted()
                || coloured()
                || place.clause();
    }

    private boolean setIn() {
        Optional<Face> read = FaceReader.read(words, face, families);
        read.ifPresent(found -> face = found);
        return read.isPresent();
    }

    private boolean type() {
        int start = words.position();
        if (words.phrase("at")) {
            if (words.phrase("keyed") || words.match("field\\([^)]*\\)").isPresent()) {
                return true;
            }
            OptionalDouble number = words.number();
            if (number.isPresent() && words.phrase("px")) {
                size = Value.of(number.getAsDouble());
                return true;
            }
            words.back(start);
            return false;
        }
        if (words.phrase("tracking")) {
            tracking = number(tracking);
            return true;
        }
        if (words.phrase("leading")) {
            leading = number(leading);
            return true;
        }
        Optional<Value<Double>> seen = TrackPart.readOpacity(words, opacity);
        seen.ifPresent(found -> opacity = found);
        return seen.isPresent();
    }

    private Value<Double> number(Value<Double> now) {
        if (words.phrase("keyed") || words.match("field\\([^)]*\\)").isPresent()) {
            return now;
        }
        return Value.of(words.number().orElseThrow(() -> missing("a number")));
    }

    private DirectionException missing(String what) {
        return DirectionException.missing(words, what);
    }

    private boolean aligned() {
        for (Setting.Alignment one : Setting.Alignment.values()) {
            if (words.phrase(SettingPrinter.alignment(one))) {
                alignment = one;
                return true;
            }
        }
        for (Setting.Ligatures one : Setting.Ligatures.values()) {
            if (words.phrase("ligatures " + one.name())) {
                ligatures = one;
                return true;
            }
        }
        if (words.phrase("from right to left")) {
            direction = Setting.Direction.RTL;
            return true;
        }
        if (words.phrase("from left to right")) {
            direction = Setting.Direction.LTR;
            return true;
        }
        if (words.phrase("language")) {
            language = words.match("[A-Za-z0-9-]+").orElseThrow(() -> missing("a language such as en-GB"));
            return true;
        }
        return false;
    }

    private boolean wrapped() {
        if (words.phrase("unwrapped")) {
            column = null;
            columnHeight = null;
            return true;
        }
        if (words.phrase("wrapped at")) {
            column = words.length().orElseThrow(() -> missing("a width such as 60 % of the frame"));
            columnHeight = null;
            int start = words.position();
            Optional<Length> high = words.phrase("and") ? words.length() : Optional.empty();
            if (high.isPresent() && words.phrase("high")) {
                columnHeight = high.get();
            } else {
                words.back(start);
            }
            return true;
        }
        return false;
    }

    private boolean formed() {
        Forms read = FormsWords.read(words, forms);
        if (read != null) {
            forms = read;
            return true;
        }
        Optional<Length> parted = BreakingWords.readPairs(words);
        if (parted.isPresent()) {
            pairs = parted.get();
            return true;
        }
        if (words.phrase("not in pairs")) {
            pairs = null;
            return true;
        }
        Breaking named = BreakingWords.read(words);
        if (named != null) {
            breaking = named;
            return true;
        }
        return false;
    }

    private boolean spaced() {
        if (words.phrase("word spacing")) {
            wordSpacing = words.number().orElseThrow(() -> missing("a number"));
            return true;
        }
        if (words.phrase("outlined") || words.phrase("only outlined") || words.phrase("over a soft copy")) {
            throw new DirectionException(
                    "lines around letters and soft copies behind them are what words are dressed with: say it there",
                    words.position(),
                    List.of());
        }
        return false;
    }

    private boolean fitted() {
        Optional<Fit> read = FitWords.read(words);
        read.ifPresent(found -> fit = found);
        if (read.isEmpty() && words.phrase("not fitted")) {
            fit = null;
            return true;
        }
        return read.isPresent();
    }

    private boolean onPath() {
        if (words.phrase("on straight lines")) {
            path = null;
            return true;
        }
        Optional<TextPath> read = PathWords.read(words, path);
        read.ifPresent(found -> path = found);
        return read.isPresent();
    }

    private boolean coloured() {
        Optional<Fill> read =
                FillWords.readIn(words, fill, AreaWords.WORDS).or(() -> AreaWords.alone(words, fill, AreaWords.WORDS));
        read.ifPresent(found -> fill = found);
        return read.isPresent();
    }
}
