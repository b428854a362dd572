package knollwind.core.geometry;

import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * A map of column vectors, y down. A flat one is affine in the picture's plane: x′ = a·x + c·y + e, y′ = b·x + d·y + f. A
 * deep one is a 4 × 4 matrix in space, z towards the viewer, by which points of the plane z = 0 are seen where they project.
 */
public final class Matrix {
    public static final Matrix IDENTITY = new Matrix(1, 0, 0, 1, 0, 0);

    private final double a;
    private final double b;
    private final double c;
    private final double d;
    private final double e;
    private final double f;
    /** By rows; null when flat. */
    private final double[] deep;

    Matrix(double a, double b, double c, double d, double e, double f) {
        this.a = a;
        this.b = b;
        this.c = c;
        this.d = d;
        this.e = e;
        this.f = f;
        this.deep = null;
    }

    private Matrix(double[] deep) {
        this.a = deep[0];
        this.b = deep[4];
        this.c = deep[1];
        this.d = deep[5];
        this.e = deep[3];
        this.f = deep[7];
        this.deep = deep;
    }

    /** A flat one by its six numbers. */
    public static Matrix flat(double a, double b, double c, double d, double e, double f) {
        return new Matrix(a, b, c, d, e, f);
    }

    /** A deep one by its sixteen numbers, by rows. */
    public static Matrix deep(float[] numbers) {
        double[] deep = new double[16];
        for (int i = 0; i < deep.length; i++) {
            deep[i] = numbers[i];
        }
        return new Matrix(deep);
    }

    public static Matrix translate(double x, double y) {
        return new Matrix(1, 0, 0, 1, x, y);
    }

    public static Matrix translate(double x, double y, double z) {
        return z == 0 ? translate(x, y) : new Matrix(new double[] {1, 0, 0, x, 0, 1, 0, y, 0, 0, 1, z, 0, 0, 0, 1});
    }

    public static Matrix scale(double x, double y) {
        return new Matrix(x, 0, 0, y, 0, 0);
    }

    /** What is above the origin leans to the right. */
    public static Matrix skew(double degrees) {
        return degrees == 0 ? IDENTITY : new Matrix(1, 0, -StrictMath.tan(StrictMath.toRadians(degrees)), 1, 0, 0);
    }

    /** Clockwise on a screen whose y runs down. Quarter turns are exact. */
    public static Matrix rotate(double degrees) {
        if (degrees % 360 == 0) {
            return IDENTITY;
        }
        double cos = cos(degrees);
        double sin = sin(degrees);
        return new Matrix(cos, sin, -sin, cos, 0, 0);
    }

    /** About the x axis: at a positive angle what is above goes away from the viewer. */
    public static Matrix rotateX(double degrees) {
        double cos = cos(degrees);
        double sin = sin(degrees);
        return new Matrix(new double[] {1, 0, 0, 0, 0, cos, -sin, 0, 0, sin, cos, 0, 0, 0, 0, 1});
    }

    /** About the y axis: at a positive angle what is to the right comes towards the viewer. */
    public static Matrix rotateY(double degrees) {
        double cos = cos(degrees);
        double sin = sin(degrees);
        return new Matrix(new double[] {cos, 0, -sin, 0, 0, 1, 0, 0, sin, 0, cos, 0, 0, 0, 0, 1});
    }

    /** How a viewer at this distance before the plane sees space, straight ahead being (x, y). */
    public static Matrix perspective(double distance, double x, double y) {
        Matrix seen = new Matrix(new double[] {1, 0, 0, 0, 0, 1, 0, 0, 0, 0, 1, 0, 0, 0, -1 / distance, 1});
        return translate(x, y).times(seen).times(translate(-x, -y));
    }

    private static double cos(double degrees) {
        double turn = degrees % 360;
        return Math.abs(turn % 180) == 90 ? 0 : StrictMath.cos(StrictMath.toRadians(turn));
    }

    private static double sin(double degrees) {
        double turn = degrees % 360;
        return turn % 180 == 0 ? 0 : StrictMath.sin(StrictMath.toRadians(turn));
    }

    public double a() {
        return a;
    }

    public double b() {
        return b;
    }

    public double c() {
        return c;
    }

    public double d() {
        return d;
    }

    public double e() {
        return e;
    }

    public double f() {
        return f;
    }

    public boolean isFlat() {
        return deep == null;
    }

    /** The same map of the plane z = 0, flat if it sees that plane without perspective. */
    public Matrix plane() {
        boolean even = deep != null && deep[12] == 0 && deep[13] == 0 && deep[15] == 1;
        return even ? new Matrix(a, b, c, d, e, f) : this;
    }

    /**
     * The numbers of the map of the plane z = 0: (a, b, c, d, e, f), and behind them (g, h) where it is seen in perspective, so that
     * x′ = (a·x + c·y + e) / (g·x + h·y + 1), and y′ likewise. The origin must lie before the eye.
     */
    public List<Double> numbers() {
        Matrix seen = plane();
        if (seen.deep == null) {
            return List.of(seen.a, seen.b, seen.c, seen.d, seen.e, seen.f);
        }
        double w = seen.deep[15];
        return List.of(a / w, b / w, c / w, d / w, e / w, f / w, seen.deep[12] / w, seen.deep[13] / w);
    }

    /** The 16 numbers of the map in space, by rows. */
    public double[] space() {
        return deep != null ? deep : new double[] {a, c, 0, e, b, d, 0, f, 0, 0, 1, 0, 0, 0, 0, 1};
    }

    /** This map after the other: the other acts first. */
    public Matrix times(Matrix o) {
        if (deep == null && o.deep == null) {
            return new Matrix(
                    a * o.a + c * o.b,
                    b * o.a + d * o.b,
                    a * o.c + c * o.d,
                    b * o.c + d * o.d,
                    a * o.e + c * o.f + e,
                    b * o.e + d * o.f + f);
        }
        double[] left = space();
        double[] right = o.space();
        double[] product = new double[16];
        for (int row = 0; row < 4; row++) {
            for (int column = 0; column < 4; column++) {
                double sum = 0;
                for (int k = 0; k < 4; k++) {
                    sum += left[4 * row + k] * right[4 * k + column];
                }
                product[4 * row + column] = sum;
            }
        }
        return new Matrix(product);
    }

    /** The map that takes this flat one back. */
    public Matrix inverse() {
        double determinant = a * d - b * c;
        if (deep != null || determinant == 0) {
            throw new IllegalArgumentException("a map in space or onto a line is not taken back");
        }
        return new Matrix(
                d / determinant,
                -b / determinant,
                -c / determinant,
                a / determinant,
                (c * f - d * e) / determinant,
                (b * e - a * f) / determinant);
    }

    /** The map that takes what is seen of the plane z = 0 back onto it; nothing where that plane is seen from its edge. */
    public Optional<Matrix> back() {
        double p = deep == null ? 0 : deep[12];
        double q = deep == null ? 0 : deep[13];
        double w = deep == null ? 1 : deep[15];
        // The adjugate of the 3 × 3 matrix of that plane.
        double m00 = d * w - f * q;
        double m01 = e * q - c * w;
        double m02 = c * f - e * d;
        double m10 = f * p - b * w;
        double m11 = a * w - e * p;
        double m12 = e * b - a * f;
        double m20 = b * q - d * p;
        double m21 = c * p - a * q;
        double m22 = a * d - c * b;
        double determinant = a * m00 + c * m10 + e * m20;
        if (Math.abs(determinant) < 1e-12) {
            return Optional.empty();
        }
        double[] space = {m00, m01, 0, m02, m10, m11, 0, m12, 0, 0, determinant, 0, m20, m21, 0, m22};
        for (int i = 0; i < space.length; i++) {
            space[i] /= determinant;
        }
        return Optional.of(new Matrix(space).plane());
    }

    public boolean isIdentity() {
        return equals(IDENTITY);
    }

    /** How near the point is to the viewer's eye: 1 in the plane, 0 at the eye, negative behind it. */
    public double depth(double x, double y) {
        return deep == null ? 1 : deep[12] * x + deep[13] * y + deep[15];
    }

    /** The mapped point, given and returned as x and y. */
    public Point map(double[] point) {
        return map(point[0], point[1]);
    }

    private Point map(double x, double y) {
        double w = depth(x, y);
        return new Point((a * x + c * y + e) / w, (b * x + d * y + f) / w);
    }

    /** The axis-parallel box around the mapped box; empty when a part of it lies behind the viewer. */
    public Box map(Box box) {
        if (box.isEmpty()) {
            return box;
        }
        Box mapped = Box.EMPTY;
        double[][] corners = {
            {box.left(), box.top()}, {box.right(), box.top()}, {box.left(), box.bottom()}, {box.right(), box.bottom()}
        };
        for (double[] corner : corners) {
            if (depth(corner[0], corner[1]) <= 0) {
                return Box.EMPTY;
            }
            Point at = map(corner[0], corner[1]);
            mapped = mapped.union(new Box(at.x(), at.y(), at.x(), at.y()));
        }
        return mapped;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Matrix m
                && m.a == a
                && m.b == b
                && m.c == c
                && m.d == d
                && m.e == e
                && m.f == f
                && Arrays.equals(m.deep, deep);
    }

    @Override
    public int hashCode() {
        return Objects.hash(a, b, c, d, e, f);
    }

    @Override
    public String toString() {
        return "Matrix" + Arrays.toString(deep == null ? new double[] {a, b, c, d, e, f} : deep);
    }
}
