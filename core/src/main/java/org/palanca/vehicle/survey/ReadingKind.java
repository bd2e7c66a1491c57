package org.palanca.vehicle.survey;

import java.util.Locale;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Quantity;

/**
 * What a reading says of one mark or of two, with its equation. Each gives one number, a plumb drop gives two: how far
 * the two marks are apart fore and aft and sideways, both read as nothing.
 */
public enum ReadingKind {
    /** Between two marks, straight: |b - a|. */
    DISTANCE(2, 1, Quantity.LENGTH, Instrument.TAPE) {
        @Override
        public double value(int row, Vector3D a, Vector3D b) {
            return Vector3D.distance(a, b);
        }

        @Override
        public Vector3D slope(int row, Vector3D a, Vector3D b) {
            Vector3D along = b.subtract(a);
            return along.getNorm() == 0 ? Vector3D.ZERO : along.normalize();
        }
    },
    /** Of one mark over the floor: z. */
    HEIGHT(1, 1, Quantity.LENGTH, Instrument.TAPE) {
        @Override
        public double value(int row, Vector3D a, Vector3D b) {
            return a.getZ();
        }

        @Override
        public Vector3D slope(int row, Vector3D a, Vector3D b) {
            return Vector3D.PLUS_K;
        }
    },
    /** Of one mark from the centreline string, left positive: y. */
    OFFSET(1, 1, Quantity.LENGTH, Instrument.TAPE) {
        @Override
        public double value(int row, Vector3D a, Vector3D b) {
            return a.getY();
        }

        @Override
        public Vector3D slope(int row, Vector3D a, Vector3D b) {
            return Vector3D.PLUS_J;
        }
    },
    /** Of one mark ahead of the front axle line, negative behind: x. */
    AHEAD(1, 1, Quantity.LENGTH, Instrument.TAPE) {
        @Override
        public double value(int row, Vector3D a, Vector3D b) {
            return a.getX();
        }

        @Override
        public Vector3D slope(int row, Vector3D a, Vector3D b) {
            return Vector3D.PLUS_I;
        }
    },
    /** How far the second mark is above the first, by level: z_b - z_a. */
    RISE(2, 1, Quantity.LENGTH, Instrument.LEVEL) {
        @Override
        public double value(int row, Vector3D a, Vector3D b) {
            return b.getZ() - a.getZ();
        }

        @Override
        public Vector3D slope(int row, Vector3D a, Vector3D b) {
            return Vector3D.PLUS_K;
        }
    },
    /** Of the line from the first mark to the second against the level, upward positive: asin of rise over length. */
    SLOPE(2, 1, Quantity.ANGLE, Instrument.ANGLE_FINDER) {
        @Override
        public double value(int row, Vector3D a, Vector3D b) {
            Vector3D along = b.subtract(a);
            return Math.atan2(along.getZ(), Math.hypot(along.getX(), along.getY()));
        }

        @Override
        public Vector3D slope(int row, Vector3D a, Vector3D b) {
            Vector3D along = b.subtract(a);
            double level = Math.hypot(along.getX(), along.getY());
            double square = along.getNormSq();
            if (level == 0) {
                return Vector3D.ZERO;
            }
            double back = -along.getZ() / level / square;
            return new Vector3D(back * along.getX(), back * along.getY(), level / square);
        }
    },
    /** The second mark plumb below the first: x_b - x_a and y_b - y_a, both nothing. */
    PLUMB(2, 2, Quantity.LENGTH, Instrument.PLUMB_BOB) {
        @Override
        public double value(int row, Vector3D a, Vector3D b) {
            return row == 0 ? b.getX() - a.getX() : b.getY() - a.getY();
        }

        @Override
        public Vector3D slope(int row, Vector3D a, Vector3D b) {
            return row == 0 ? Vector3D.PLUS_I : Vector3D.PLUS_J;
        }
    };

    private final int marks;
    private final int rows;
    private final Quantity quantity;
    private final Instrument usual;

    ReadingKind(int marks, int rows, Quantity quantity, Instrument usual) {
        this.marks = marks;
        this.rows = rows;
        this.quantity = quantity;
        this.usual = usual;
    }

    /** The name in files and word keys. */
    public String id() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** Whether it goes from one mark to another. */
    public boolean between() {
        return marks == 2;
    }

    /** How many numbers it gives. */
    public int rows() {
        return rows;
    }

    public Quantity quantity() {
        return quantity;
    }

    /** What it is taken with unless something else is said. */
    public Instrument usual() {
        return usual;
    }

    /**
     * What the instrument would read with the marks at these places.
     *
     * @param row 0, or 1 for the second number of a plumb drop
     * @param a place of the first mark [m]
     * @param b place of the second [m]; not looked at where there is only one
     */
    public abstract double value(int row, Vector3D a, Vector3D b);

    /**
     * How the reading changes as its last mark moves [per m]; where there are two, the first mark has the opposite
     * effect. Zero where no direction can be told, as between two marks in one place.
     */
    public abstract Vector3D slope(int row, Vector3D a, Vector3D b);
}
