package org.palanca.result.bind;

import java.util.List;
import org.palanca.base.units.Quantity;
import org.palanca.mechanism.CompliantMember;
import org.palanca.mechanism.Mechanism;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.DefinedResult;
import org.palanca.result.ResultKind;
import org.palanca.result.working.Trace;

/**
 * How hard the most pushed bushing is pushed at this pose, as a distance or as a force, where members hold one another
 * against a motion that is asked for. From the pose of least strain energy.
 */
public final class BushingPush extends DefinedResult {
    /** What is told of it. */
    public enum As {
        /** How far it is pushed or pulled. */
        DISTANCE,
        /** Rate times distance. */
        FORCE
    }

    private final As as;
    private final int[] members;
    private final double[] rates;

    /**
     * @param mechanism whose members they are
     * @param members places of the bushed members that locate, in the mechanism's list
     */
    public BushingPush(As as, Mechanism mechanism, List<Integer> members) {
        super(
                as == As.DISTANCE ? ResultKind.BUSHING_PUSH : ResultKind.BUSHING_FORCE,
                Motion.NONE,
                "source.strain_energy");
        this.as = as;
        this.members = members.stream().mapToInt(Integer::intValue).toArray();
        rates = members.stream()
                .mapToDouble(member -> ((CompliantMember) mechanism.members().get(member)).rate())
                .toArray();
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        int most = 0;
        for (int i = 1; i < members.length; i++) {
            if (size(motion, i) > size(motion, most)) {
                most = i;
            }
        }
        double push = Math.abs(motion.strain(members[most]));
        trace.given("s", "symbol.largest_push", push, Quantity.LENGTH);
        if (as == As.DISTANCE) {
            trace.step("push", "s", push, Quantity.LENGTH);
            return push;
        }
        trace.given("k", "symbol.bushing_rate", rates[most], Quantity.RATE);
        double force = rates[most] * push;
        trace.step("force", "k * s", force, Quantity.FORCE);
        return force;
    }

    private double size(AxleMotion motion, int i) {
        double push = Math.abs(motion.strain(members[i]));
        return as == As.DISTANCE ? push : rates[i] * push;
    }
}
