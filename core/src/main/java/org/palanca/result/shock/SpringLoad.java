package org.palanca.result.shock;

import org.palanca.base.geometry.Side;
import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.result.ResultKind;
import org.palanca.result.SideResult;
import org.palanca.result.working.Trace;
import org.palanca.vehicle.Axle;

/** What all springs, bars and stops of an axle together put on one wheel at this pose. Virtual work. */
public final class SpringLoad extends SideResult {
    private final SpringWork work;

    public SpringLoad(Axle axle, Side side) {
        super(ResultKind.SPRING_LOAD, side, Motion.ROLL, "source.spring_load");
        work = new SpringWork(axle);
    }

    @Override
    public double evaluate(AxleMotion motion, Trace trace) {
        double heave = work.heave(motion);
        double roll = work.roll(motion);
        double load = (heave + sign() * roll) / 2;
        trace.given("b", "symbol.work_bump", heave, Quantity.FORCE);
        trace.given("r", "symbol.work_roll", sign() * roll, Quantity.FORCE);
        trace.step("load", "( b + r ) / 2", load, Quantity.FORCE);
        return load;
    }
}
