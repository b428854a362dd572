package knollwind.core.scene;

import com.fasterxml.jackson.annotation.JsonProperty;

/** What a channel of a move changes, with the value it has at rest and the bounds of its plain numbers. */
public enum Property {
    @JsonProperty("offsetX")
    OFFSET_X(Measure.LENGTH, 0, -100_000, 100_000),
    @JsonProperty("offsetY")
    OFFSET_Y(Measure.LENGTH, 0, -100_000, 100_000),
    /** Towards the viewer. */
    @JsonProperty("offsetZ")
    OFFSET_Z(Measure.LENGTH, 0, -100_000, 100_000),
    /** Both scales together. */
    @JsonProperty("scale")
    SCALE(Measure.FACTOR, 1, 0, 100),
    @JsonProperty("scaleX")
    SCALE_X(Measure.FACTOR, 1, 0, 100),
    @JsonProperty("scaleY")
    SCALE_Y(Measure.FACTOR, 1, 0, 100),
    /** Clockwise in the picture's plane. */
    @JsonProperty("rotation")
    ROTATION(Measure.DEGREES, 0, -36_000, 36_000),
    /** About the level axis through the pivot; at a positive angle the top leans away from the viewer. */
    @JsonProperty("rotationX")
    ROTATION_X(Measure.DEGREES, 0, -36_000, 36_000),
    /** About the upright axis through the pivot; at a positive angle the right side comes towards the viewer. */
    @JsonProperty("rotationY")
    ROTATION_Y(Measure.DEGREES, 0, -36_000, 36_000),
    /** What is above the pivot leans to the right. */
    @JsonProperty("skew")
    SKEW(Measure.DEGREES, 0, -80, 80),
    @JsonProperty("opacity")
    OPACITY(Measure.FACTOR, 1, 0, 1),
    /** How much of the unit is uncovered, from the move's edge on; the left one unless it says another. */
    @JsonProperty("reveal")
    REVEAL(Measure.FACTOR, 1, 0, 1),
    /** How much of the unit's contour is drawn; towards the end it fills. */
    @JsonProperty("draw")
    DRAW(Measure.FACTOR, 1, 0, 1),
    /** How much of the unit is written, by a pen along its middle. */
    @JsonProperty("write")
    WRITE(Measure.FACTOR, 1, 0, 1),
    /** Width of a line around the unit in the channel's colour; of a contour that is being drawn, in its own. */
    @JsonProperty("stroke")
    STROKE(Measure.LENGTH, 0, 0, 1000),
    /** Standard deviation of the Gaussian. */
    @JsonProperty("blur")
    BLUR(Measure.LENGTH, 0, 0, 1000),
    /** Along the line alone. */
    @JsonProperty("blurX")
    BLUR_X(Measure.LENGTH, 0, 0, 1000),
    /** Across the line alone. */
    @JsonProperty("blurY")
    BLUR_Y(Measure.LENGTH, 0, 0, 1000),
    /** Up from the line it stands on, turned and scaled with the unit. */
    @JsonProperty("baselineShift")
    BASELINE_SHIFT(Measure.LENGTH, 0, -100_000, 100_000),
    @JsonProperty("tracking")
    TRACKING(Measure.THOUSANDTHS, 0, -1000, 10_000),
    /** Added to the face's weight axis, in its own scale; letters keep their places. */
    @JsonProperty("weight")
    WEIGHT(Measure.AXIS, 0, -1000, 1000),
    /** Added to the face's width axis, in its own scale; letters keep their places. */
    @JsonProperty("width")
    WIDTH(Measure.AXIS, 0, -1000, 1000),
    /** How much of the channel's colour lies over the unit's own. */
    @JsonProperty("tint")
    TINT(Measure.COLOUR, 0, 0, 1);

    /** What a value is counted in. */
    public enum Measure {
        /** A {@link Length}. */
        LENGTH,
        /** A plain factor, said in per cent. Factors of several moves multiply. */
        FACTOR,
        DEGREES,
        /** Of an em. */
        THOUSANDTHS,
        /** A difference on an axis of the face, in its own scale. */
        AXIS,
        /** The weight of a colour, 0 to 1. */
        COLOUR
    }

    private final Measure measure;
    private final double rest;
    private final double low;
    private final double high;

    Property(Measure measure, double rest, double low, double high) {
        this.measure = measure;
        this.rest = rest;
        this.low = low;
        this.high = high;
    }

    public Measure measure() {
        return measure;
    }

    public double rest() {
        return rest;
    }

    public double low() {
        return low;
    }

    public double high() {
        return high;
    }

    /** True when the value is a {@link Length}, false when it is a plain number. */
    public boolean length() {
        return measure == Measure.LENGTH;
    }

    /** True for the places that a unit can be away at. */
    public boolean offset() {
        return this == OFFSET_X || this == OFFSET_Y || this == OFFSET_Z;
    }

    /** True for what goes to one of two sides: its sign is told by the verb. */
    public boolean sided() {
        return offset() || this == BASELINE_SHIFT;
    }

    /** True for a place, a size or a turn, which a glide carries on past rest; the others come and go. */
    public boolean onward() {
        return sided() || turnsAboutPivot();
    }

    /** True when its channel has a colour. */
    public boolean coloured() {
        return this == TINT || this == STROKE;
    }

    /** True for what is never below zero. */
    public boolean unsigned() {
        return blur() || this == STROKE;
    }

    /** True for those that go along an axis of the face. */
    public boolean isAxis() {
        return measure == Measure.AXIS;
    }

    /** The tag of the axis that it changes; empty for none. */
    public String axis() {
        return this == WEIGHT ? "wght" : this == WIDTH ? "wdth" : "";
    }

    /** True for a standard deviation. */
    public boolean blur() {
        return this == BLUR || this == BLUR_X || this == BLUR_Y;
    }

    /** True when the values of several moves multiply; of what is uncovered the least counts, all others add up. */
    public boolean multiplies() {
        return measure == Measure.FACTOR && this != REVEAL && this != DRAW && this != WRITE;
    }

    /** True when a unit that has it leaves the picture's plane. */
    public boolean deep() {
        return this == OFFSET_Z || this == ROTATION_X || this == ROTATION_Y;
    }

    /** True when it turns on where the pivot is. */
    public boolean turnsAboutPivot() {
        return switch (this) {
            case SCALE, SCALE_X, SCALE_Y, ROTATION, ROTATION_X, ROTATION_Y, SKEW -> true;
            default -> false;
        };
    }
}
