package knollwind.core.simulation;

import java.nio.ByteBuffer;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import knollwind.core.geometry.Point;

/** SHA-256 of all that a fall depends on, number by number: the same on every machine. */
final class SetupHash {
    /** Goes up when the solver or its steps change: falls of before are others then. */
    private static final double VERSION = 1;

    private final MessageDigest digest;
    private final ByteBuffer number = ByteBuffer.allocate(Double.BYTES);

    private SetupHash() {
        try {
            digest = MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    static String of(Setup setup) {
        SetupHash hash = new SetupHash();
        Setup.Laws laws = setup.laws();
        hash.put(VERSION, laws.bounce(), laws.friction(), laws.alike() ? 1 : 0, laws.perSecond(), laws.seed());
        hash.put(setup.forces().size());
        setup.forces().forEach(hash::put);
        hash.put(setup.things().size());
        setup.things().forEach(hash::put);
        hash.put(setup.walls().size());
        for (Setup.Wall wall : setup.walls()) {
            hash.put(wall.x(), wall.y());
            hash.put(wall.solid());
        }
        hash.put(setup.pushes().size());
        setup.pushes().forEach(hash::put);
        return HexFormat.of().formatHex(hash.digest.digest());
    }

    private void put(double... numbers) {
        for (double one : numbers) {
            digest.update(number.putDouble(0, one).array());
        }
    }

    private void put(Forces forces) {
        put(forces.gravityX(), forces.gravityY(), forces.drag(), forces.windX(), forces.windY(), forces.gusts());
        put(forces.push(), forces.draw(), forces.drawX(), forces.drawY(), forces.small(), forces.large());
    }

    private void put(Setup.Thing thing) {
        put(thing.share(), thing.x(), thing.y(), thing.turn(), thing.vx(), thing.vy(), thing.born());
        put(thing.hung() == null ? 0 : 1);
        if (thing.hung() != null) {
            put(thing.hung());
        }
        put(thing.solid());
    }

    private void put(Solid solid) {
        put(
                solid.form().ordinal(),
                solid.width(),
                solid.height(),
                solid.contours().size());
        solid.contours().forEach(contour -> {
            put(contour.size());
            contour.forEach(this::put);
        });
    }

    private void put(Point point) {
        put(point.x(), point.y());
    }
}
