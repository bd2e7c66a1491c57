package org.palanca.study.steering;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Quantity;
import org.palanca.mechanism.axle.WheelMotion;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.Result;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.wheel.Camber;
import org.palanca.result.wheel.Toe;
import org.palanca.result.working.Trace;

/**
 * Wheel alignment of one axle at one pose, as an alignment stand prints it.
 *
 * @param pose where
 * @param rows camber, caster, kingpin, toe of each side, where the axle has them
 * @param totalToe of both wheels together [rad], toe-in positive
 * @param thrust angle of the axle's mean heading to the centreline [rad], to the left positive
 */
public record AlignmentCard(WheelTravel pose, List<Row> rows, double totalToe, double thrust) {
    public AlignmentCard {
        rows = List.copyOf(rows);
    }

    /**
     * One line.
     *
     * @param id of the result without its side, such as {@code camber}
     * @param left value of the left wheel [inside unit of the quantity]
     * @param right value of the right wheel
     */
    public record Row(String id, Quantity quantity, double left, double right) {
        /** Left less right: what makes a vehicle pull. */
        public double cross() {
            return left - right;
        }
    }

    /** Reads the card off a model where it stands. */
    public static AlignmentCard of(AxleModel model, WheelTravel pose) {
        WheelMotion left = model.motion().wheel(1);
        WheelMotion right = model.motion().wheel(-1);
        List<Row> rows = new ArrayList<>();
        rows.add(row(model, "camber", new Camber(Side.LEFT), new Camber(Side.RIGHT)));
        for (String id : List.of("kingpin_caster", "kingpin_inclination")) {
            Optional<Result> one = find(model, id + ".left");
            Optional<Result> other = find(model, id + ".right");
            if (one.isPresent() && other.isPresent()) {
                rows.add(row(model, id, one.get(), other.get()));
            }
        }
        rows.add(row(model, "toe", new Toe(Toe.Sense.TOE_IN, Side.LEFT), new Toe(Toe.Sense.TOE_IN, Side.RIGHT)));
        double totalToe = right.steerAngle() - left.steerAngle();
        double thrust = (left.steerAngle() + right.steerAngle()) / 2;
        return new AlignmentCard(pose, rows, totalToe, thrust);
    }

    private static Row row(AxleModel model, String id, Result left, Result right) {
        return new Row(
                id,
                left.quantity(),
                left.evaluate(model.motion(), Trace.NONE),
                right.evaluate(model.motion(), Trace.NONE));
    }

    private static Optional<Result> find(AxleModel model, String id) {
        return model.results().stream().filter(result -> result.id().equals(id)).findFirst();
    }
}
