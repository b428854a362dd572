package knollwind.core.frame;

/**
 * An affine map of column vectors, y down: x′ = a·x + c·y + e, y′ = b·x + d·y + f.
 */
record Matrix(double a, double b, double c, double d, double e, double f) {
    static final Matrix IDENTITY = new Matrix(1, 0, 0, 1, 0, 0);

    static Matrix translate(double x, double y) {
        return new Matrix(1, 0, 0, 1, x, y);
    }

    static Matrix scale(double x, double y) {
        return new Matrix(x, 0, 0, y, 0, 0);
    }

    /** Clockwise on a screen whose y runs down. Quarter turns are exact. */
    static Matrix rotate(double degrees) {
        double turn = degrees % 360;
        if (turn == 0) {
            return IDENTITY;
        }
        double radians = StrictMath.toRadians(turn);
        double cos = Math.abs(turn % 180) == 90 ? 0 : StrictMath.cos(radians);
        double sin = Math.abs(turn) == 180 ? 0 : StrictMath.sin(radians);
        return new Matrix(cos, sin, -sin, cos, 0, 0);
    }

    /** This map after the other: the other acts first. */
    Matrix times(Matrix o) {
        return new Matrix(
                a * o.a + c * o.b,
                b * o.a + d * o.b,
                a * o.c + c * o.d,
                b * o.c + d * o.d,
                a * o.e + c * o.f + e,
                b * o.e + d * o.f + f);
    }

    /** The map that takes this one back. */
    Matrix inverse() {
        double determinant = a * d - b * c;
        if (determinant == 0) {
            throw new IllegalArgumentException("a map onto a line cannot be taken back");
        }
        return new Matrix(
                d / determinant,
                -b / determinant,
                -c / determinant,
                a / determinant,
                (c * f - d * e) / determinant,
                (b * e - a * f) / determinant);
    }

    boolean isIdentity() {
        return equals(IDENTITY);
    }

    /** The mapped point, given and returned as x and y. */
    Surroundings.Point map(double[] point) {
        return new Surroundings.Point(a * point[0] + c * point[1] + e, b * point[0] + d * point[1] + f);
    }

    /** The axis-parallel box around the mapped box. */
    knollwind.core.type.Box map(knollwind.core.type.Box box) {
        if (box.isEmpty()) {
            return box;
        }
        knollwind.core.type.Box mapped = knollwind.core.type.Box.EMPTY;
        double[][] corners = {
            {box.left(), box.top()}, {box.right(), box.top()}, {box.left(), box.bottom()}, {box.right(), box.bottom()}
        };
        for (double[] corner : corners) {
            double x = a * corner[0] + c * corner[1] + e;
            double y = b * corner[0] + d * corner[1] + f;
            mapped = mapped.union(new knollwind.core.type.Box(x, y, x, y));
        }
        return mapped;
    }
}
