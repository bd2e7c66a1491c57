package org.palanca.result.links;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.jspecify.annotations.Nullable;
import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.mechanism.axle.BarTurn;
import org.palanca.mechanism.axle.JointBolts;
import org.palanca.result.DefinedResult;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Trace;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Vehicle;

/**
 * How far the most tilted joint of a link is tilted at this pose: the angle by which the link leaves the way it stands to the
 * joint's bolt at ride. The bolts' directions are those of {@link JointBolts}; at ride no joint is tilted.
 */
public final class JointMisalignment extends DefinedResult {
    private final int[] mounts;
    private final int[] others;
    private final double[] set;

    /** Of ends of bent bars, how those turn, and how they leave the pin at ride. */
    private final @Nullable BarTurn[] turns;

    private final Vector3D[] shanks;

    /** Of all ends of an axle's links, in the order of {@link JointBolts}. */
    public JointMisalignment(Vehicle vehicle, Axle axle) {
        super(ResultKind.JOINT_MISALIGNMENT, Motion.NONE, "source.misalignment");
        JointBolts bolts = JointBolts.of(axle, vehicle.wheelbase());
        turns = bolts.ends().stream()
                .map(end -> BarTurn.of(vehicle, axle, axle.link(end.link()).orElseThrow())
                        .orElse(null))
                .toArray(BarTurn[]::new);
        shanks = bolts.ends().stream().map(JointBolts.End::shank).toArray(Vector3D[]::new);
        mounts = bolts.ends().stream().mapToInt(JointBolts.End::mount).toArray();
        others = bolts.ends().stream().mapToInt(JointBolts.End::other).toArray();
        set = bolts.ends().stream().mapToDouble(JointBolts.End::set).toArray();
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        int most = 0;
        double largest = 0;
        for (int end = 0; end < mounts.length; end++) {
            double tilt = tilt(motion, end);
            if (tilt > largest) {
                largest = tilt;
                most = end;
            }
        }
        if (trace.listening() && mounts.length > 0) {
            trace.given("s", "symbol.bolt_along_link", sine(motion, most), Quantity.RATIO);
            trace.given("r", "symbol.joint_set", set[most], Quantity.ANGLE);
            trace.step("tilt", "abs( asin( s ) - r )", largest, Quantity.ANGLE);
        }
        if (trace.listening()) {
            new LinkEnds(mounts[most], others[most]).draw(motion, trace);
        }
        return largest;
    }

    /** How far one end is tilted from how it stands at ride [rad], without sign. */
    public double tilt(AxleMotion motion, int end) {
        return Math.abs(Math.asin(Math.max(-1, Math.min(1, sine(motion, end)))) - set[end]);
    }

    /** The part of the bolt's direction that lies along the link, as it leaves the pin. */
    private double sine(AxleMotion motion, int end) {
        BarTurn bent = turns[end];
        if (bent != null) {
            Vector3D now = bent.since(motion).applyTo(shanks[end]);
            return now.getX() * motion.bolt(end, 0)
                    + now.getY() * motion.bolt(end, 1)
                    + now.getZ() * motion.bolt(end, 2);
        }
        double x = motion.mount(others[end], 0) - motion.mount(mounts[end], 0);
        double y = motion.mount(others[end], 1) - motion.mount(mounts[end], 1);
        double z = motion.mount(others[end], 2) - motion.mount(mounts[end], 2);
        double along = x * motion.bolt(end, 0) + y * motion.bolt(end, 1) + z * motion.bolt(end, 2);
        return along / Math.sqrt(x * x + y * y + z * z);
    }
}
