package knollwind.core.frame;

import static knollwind.core.frame.DressedBlocks.STILL;
import static knollwind.core.frame.DressedBlocks.all;
import static knollwind.core.frame.DressedBlocks.dressed;
import static knollwind.core.frame.DressedBlocks.inked;
import static knollwind.core.frame.DressedBlocks.score;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import knollwind.core.directions.move.MoveReader;
import knollwind.core.display.DisplayList;
import knollwind.core.display.PaintOp;
import knollwind.core.geometry.Depth;
import knollwind.core.geometry.Matrix;
import knollwind.core.motion.PhaseKind;
import knollwind.core.scene.Phase;
import knollwind.core.scene.TextBlock;
import org.junit.jupiter.api.Test;

/** Flights into letters. */
class FlightTest {
    @Test
    void a_flight_ends_with_a_letter_that_fills_the_frame_and_rests_before_it_begins() {
        BlockScore flight = dressed(STILL, "flown into over its last 30 frames");
        assertThat(inked(flight.at(60).list()))
                .isEqualTo(inked(score(STILL).at(60).list()));
        assertThat(flight.restsThroughout(60, 61)).isTrue();
        assertThat(flight.restsThroughout(80, 81)).isFalse();
        double before = flight.at(75).list().ink().width();
        assertThat(flight.at(85).list().ink().width()).isGreaterThan(before);
        // Through the whole of the frame lies ink of the letter that is flown into.
        BlockScore there =
                dressed(STILL, "flown into over its last 0 frames on its way at least at 100 % into letter 1");
        DisplayList list = there.at(60).list();
        Matrix[] first = {null};
        Matrix place = Matrix.IDENTITY;
        for (PaintOp paint : list.paints()) {
            if (paint instanceof PaintOp.Concat m) {
                place = place.times(Matrix.flat(m.a(), m.b(), m.c(), m.d(), m.e(), m.f()));
            } else if (paint instanceof PaintOp.Fill && first[0] == null) {
                first[0] = place;
            }
        }
        PaintOp.Fill letter = all(list, PaintOp.Fill.class).get(0);
        Depth deep = Depth.inside(letter.outline()).orElseThrow().through(first[0]);
        assertThat(deep.x()).isCloseTo(960, within(1.0));
        assertThat(deep.y()).isCloseTo(540, within(1.0));
        assertThat(deep.distance()).isGreaterThan(Math.hypot(960, 540));
    }

    @Test
    void a_flight_goes_into_the_same_letter_while_others_leave() {
        String flight = "flown into over its last 30 frames";
        TextBlock leaving = STILL.withLeave(new Phase(
                List.of(MoveReader.read("characters fade out, 2 frames each, 8 apart", PhaseKind.LEAVE, null))));
        for (int frame = 72; frame < 97; frame++) {
            List<PaintOp.Concat> gone = all(dressed(leaving, flight).at(frame).list(), PaintOp.Concat.class);
            assertThat(gone.get(1))
                    .as("frame %d", frame)
                    .isEqualTo(all(dressed(STILL, flight).at(frame).list(), PaintOp.Concat.class)
                            .get(1));
        }
    }

    @Test
    void a_counter_is_found_where_there_is_one() {
        PaintOp.Fill o = all(score(STILL).at(5).list(), PaintOp.Fill.class).get(1);
        Depth counter = Depth.counter(o.outline()).orElseThrow();
        assertThat(counter.x())
                .isCloseTo((o.outline().ink().left() + o.outline().ink().right()) / 2, within(4.0));
        PaintOp.Fill h = all(score(STILL).at(5).list(), PaintOp.Fill.class).get(0);
        assertThat(Depth.counter(h.outline())).isEmpty();
        DisplayList none = dressed(
                        STILL,
                        "flown into over its last 0 frames on its way at least at 50 % into letter 1 found in a counter")
                .at(5)
                .list();
        assertThat(inked(none)).isEqualTo(inked(score(STILL).at(5).list()));
    }
}
