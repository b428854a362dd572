package knollwind.core.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import knollwind.core.document.DocumentJson;
import knollwind.core.document.Operation;
import knollwind.core.frame.BlockScore;
import knollwind.core.scene.Block;
import knollwind.core.scene.Channel;
import knollwind.core.scene.Check;
import knollwind.core.scene.Length;
import knollwind.core.scene.Move;
import knollwind.core.scene.Property;
import knollwind.core.scene.Scene;

/**
 * Lets a move come from a pose, or go to it. Channels keep their units; those that are not there yet are made, and none that would
 * do nothing.
 *
 * @param format id of the format that is looked at
 * @param phase arrive or leave
 * @param move id of the move
 */
public record PoseMove(String scene, String format, String block, String phase, String move, Pose pose)
        implements Intent {
    /** Where a move's pieces are away from rest: px of the base frame, degrees clockwise, a factor. */
    public record Pose(double x, double y, double turn, double scale) {
        /**
         * The pose of a move as it is.
         *
         * @param score of its block, by which its lengths are measured
         */
        public static Pose of(Move move, BlockScore score) {
            return new Pose(
                    away(move, Property.OFFSET_X, score),
                    away(move, Property.OFFSET_Y, score),
                    away(move, Property.ROTATION, score),
                    away(move, Property.SCALE, score));
        }

        private static double away(Move move, Property property, BlockScore score) {
            return channel(move, property)
                    .map(channel -> channel.away() * unit(channel.unit(), property, score))
                    .orElse(property.rest());
        }
    }

    public PoseMove {
        Check.present(pose, "the pose of a move");
    }

    @Override
    public Outcome on(Draft draft) {
        Scene open = draft.scene(scene);
        Block shown = Nodes.shownBlock(open, format, block);
        Move posed = Nodes.moveOf(shown, phase, move);
        BlockScore score = draft.scores(open, open.format(format)).get(block);
        if (score == null) {
            throw new IllegalArgumentException("\u201c" + shown.name() + "\u201d is never on, so it has no pose");
        }
        Put put = new Put(
                posed,
                BlockPath.of(scene, block) + "/" + phase + "/moves/" + move + "/channels",
                score,
                new Ids(posed.channels().stream().map(Channel::id).toList()),
                new ArrayList<>());
        put.value(Property.OFFSET_X, pose.x());
        put.value(Property.OFFSET_Y, pose.y());
        put.value(Property.ROTATION, pose.turn());
        put.value(Property.SCALE, pose.scale());
        return Outcome.of(put.operations(), "");
    }

    private static Optional<Channel> channel(Move move, Property property) {
        return move.channels().stream()
                .filter(channel -> channel.property() == property)
                .findFirst();
    }

    /** px of the base frame for one of a channel's unit; 1 for what is no length. */
    private static double unit(Length.Unit unit, Property property, BlockScore score) {
        if (unit == null) {
            return 1;
        }
        double side = property == Property.OFFSET_X
                ? score.fit().width()
                : score.fit().height();
        return new Length(1, unit).pixels(score.set().em(), score.set().lineHeight(), side);
    }

    private record Put(Move move, String at, BlockScore score, Ids ids, List<Operation> operations) {
        void value(Property property, double away) {
            Optional<Channel> there = channel(move, property);
            Length.Unit unit = there.map(Channel::unit).orElse(property.length() ? Length.Unit.EM : null);
            double bounded = Math.max(property.low(), Math.min(property.high(), away / unit(unit, property, score)));
            double value = Math.rint(bounded * 100) / 100 + 0.0;
            if (there.isPresent()) {
                Channel channel = there.get();
                String key = at + "/" + channel.id() + "/keys/"
                        + channel.keys().get(0).id() + "/value";
                if (value != Math.rint(channel.away() * 100) / 100) {
                    operations.add(new Operation.Set(key, Nodes.number(value)));
                }
            } else if (value != property.rest()) {
                Channel made = Channel.from(ids.first("c"), property, value, unit);
                operations.add(new Operation.Insert(at, Integer.MAX_VALUE, DocumentJson.tree(made)));
            }
        }
    }
}
