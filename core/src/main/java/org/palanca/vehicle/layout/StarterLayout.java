package org.palanca.vehicle.layout;

import static org.palanca.units.Lengths.inches;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.palanca.units.Lengths;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.Side;
import org.palanca.vehicle.Travel;
import org.palanca.vehicle.Tyre;

/**
 * Ways of holding a live axle that a vehicle can start from. Mounts are placed by our own proportions of wheelbase and
 * tyre; they are a start, not advice.
 */
public enum StarterLayout {
    /** Uppers converge at the axle, lowers nearly straight. */
    TRIANGULATED_UPPERS,
    /** Uppers converge at the axle, lowers converge at the frame. */
    TRIANGULATED_BOTH,
    /** Two lowers, one upper, and a panhard. */
    THREE_LINK_PANHARD;

    /** Wheelbase the proportions were drawn for [m]. */
    private static final double DRAWN_FOR = Lengths.inches(106);

    /** Part of half the diameter that is left with the weight on; common practice, no source. */
    private static final double LOADED_PART = 0.97;

    /**
     * An axle of this layout.
     *
     * @param place front or rear; at the front it runs the other way round
     * @param wheelbase of the vehicle [m]
     * @param tyreDiameter as measured [m]
     * @param driveShare part of the thrust, 0 to 1
     * @param brakeShare part of the braking, 0 to 1
     */
    public Axle axle(AxlePlace place, double wheelbase, double tyreDiameter, double driveShare, double brakeShare) {
        Builder builder = new Builder(place, wheelbase / DRAWN_FOR, tyreDiameter / 2 * LOADED_PART);
        switch (this) {
            case TRIANGULATED_UPPERS -> {
                builder.pair("upper", LinkRole.UPPER, 25, 15.5, 9.5, 2, 5, 10.5);
                builder.pair("lower", LinkRole.LOWER, 40, 12, 3.5, -1, 19.5, -1.25);
            }
            case TRIANGULATED_BOTH -> {
                builder.pair("upper", LinkRole.UPPER, 26, 15.5, 9.5, 2, 4.5, 10.5);
                builder.pair("lower", LinkRole.LOWER, 38, 5, 3.5, -1, 20, -1.25);
            }
            case THREE_LINK_PANHARD -> {
                builder.pair("lower", LinkRole.LOWER, 37, 14, 1, 1, 17.5, -2.5);
                builder.single("upper", LinkRole.UPPER, Side.RIGHT, 33, 14, 8, Side.RIGHT, -0.5, 12, 7);
                builder.single("panhard", LinkRole.PANHARD, Side.LEFT, -5, 16, 7, Side.RIGHT, -5, 14.5, 6.75);
            }
        }
        double track = Math.max(inches(58), tyreDiameter * 1.85);
        OptionalDouble caster =
                place == AxlePlace.FRONT ? OptionalDouble.of(Math.toRadians(6)) : OptionalDouble.empty();
        return new Axle(
                place,
                new Tyre(tyreDiameter, tyreDiameter / 2 * LOADED_PART, tyreDiameter * 0.36),
                track,
                Math.toRadians(place == AxlePlace.FRONT ? 4 : 5),
                caster,
                new Travel(inches(5), inches(6)),
                driveShare,
                brakeShare,
                builder.mounts,
                builder.links);
    }

    /** Mounts stated in inches: inward from the axle line, out from the centreline, above the axle's centre. */
    private static final class Builder {
        private final AxlePlace place;
        private final double stretch;
        private final double axleHeight;
        private final List<Mount> mounts = new ArrayList<>();
        private final List<Link> links = new ArrayList<>();

        Builder(AxlePlace place, double stretch, double axleHeight) {
            this.place = place;
            this.stretch = stretch;
            this.axleHeight = axleHeight;
        }

        void pair(
                String name,
                LinkRole role,
                double frameIn,
                double frameOut,
                double frameUp,
                double axleIn,
                double axleOut,
                double axleUp) {
            both(name + " frame", Mount.FRAME, frameIn * stretch, frameOut, frameUp);
            both(name + " axle", Mount.AXLE, axleIn, axleOut, axleUp);
            for (Side side : Side.values()) {
                link(name + " " + side.id(), role, name + " frame " + side.id(), name + " axle " + side.id());
            }
        }

        void single(
                String name,
                LinkRole role,
                Side frameSide,
                double frameIn,
                double frameOut,
                double frameUp,
                Side axleSide,
                double axleIn,
                double axleOut,
                double axleUp) {
            double run = role == LinkRole.PANHARD ? frameIn : frameIn * stretch;
            mounts.add(new Mount(name + " frame", Mount.FRAME, taped(run, frameSide, frameOut, frameUp)));
            mounts.add(new Mount(name + " axle", Mount.AXLE, taped(axleIn, axleSide, axleOut, axleUp)));
            link(name, role, name + " frame", name + " axle");
        }

        private void both(String name, String body, double in, double out, double up) {
            mounts.add(new Mount(name + " left", body, taped(in, Side.LEFT, out, up)));
            mounts.add(new Mount(name + " right", body, new Placement.MirrorOf(name + " left")));
        }

        private Placement taped(double in, Side side, double out, double up) {
            double ahead = -place.outward() * sixteenth(inches(in));
            return new Placement.Taped(ahead, side, inches(out), sixteenth(axleHeight + inches(up)));
        }

        private void link(String name, LinkRole role, String from, String to) {
            links.add(new Link(name, role, from, to, OptionalDouble.empty()));
        }

        private static double sixteenth(double metres) {
            return Lengths.nearest(metres, 16).metres();
        }
    }
}
