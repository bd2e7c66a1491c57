package org.palanca.desktop.analysis;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.palanca.floor.adjust.Adjustment;
import org.palanca.floor.adjust.CutPlan;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.result.Outcome;
import org.palanca.result.Result;
import org.palanca.result.ResultKind;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.targets.Scorecard;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Hole;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Scheme;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.edit.HoleMoves;

/**
 * Several ways one axle may stand, each worked out at the same pose and held against the same bands.
 *
 * @param columns the plan first, then every scheme or hole
 */
public record Comparison(List<Column> columns) {
    /** Results that are told besides those that have a band: the first of each column's own. */
    private static final int FIRST = 6;

    /**
     * One way.
     *
     * @param name what it is called; empty for the plan
     * @param vehicle as it stands then
     * @param outcomes of every result at the pose, by id
     * @param marks verdicts against the bands, by id
     * @param out how many bands are missed
     * @param cuts what it takes off the vehicle, and what goes with it
     * @param trouble whether the pose is out of reach
     */
    public record Column(
            String name,
            Vehicle vehicle,
            List<Result> results,
            Map<String, Outcome> outcomes,
            Map<String, Scorecard.Mark> marks,
            long out,
            CutPlan cuts,
            boolean trouble) {}

    /** The plan and all schemes that change this axle or leave it as it is. */
    public static Comparison ofSchemes(Vehicle vehicle, AxlePlace place, WheelTravel pose) {
        List<Column> columns = new ArrayList<>();
        columns.add(column("", vehicle, place, pose));
        for (Scheme scheme : vehicle.schemes()) {
            columns.add(column(scheme.name(), vehicle.in(scheme), place, pose));
        }
        return new Comparison(List.copyOf(columns));
    }

    /** The plan and every other hole of one mount. */
    public static Comparison ofHoles(Vehicle vehicle, MountRef ref, WheelTravel pose) {
        List<Column> columns = new ArrayList<>();
        columns.add(column("", vehicle, ref.axle(), pose));
        Mount mount = vehicle.axle(ref.axle()).orElseThrow().mount(ref.mount()).orElseThrow();
        for (Hole hole : mount.holes()) {
            columns.add(column(hole.name(), HoleMoves.use(vehicle, ref, hole.name()), ref.axle(), pose));
        }
        return new Comparison(List.copyOf(columns));
    }

    private static Column column(String name, Vehicle vehicle, AxlePlace place, WheelTravel pose) {
        AxleModel model = new AxleModel(vehicle, place);
        Scorecard card = Scorecard.of(model);
        Map<String, Scorecard.Mark> marks = new LinkedHashMap<>();
        card.marks().forEach(mark -> marks.put(mark.result().id(), mark));
        boolean closes = model.moveTo(pose);
        Map<String, Outcome> outcomes = new LinkedHashMap<>();
        model.results().forEach(result -> outcomes.put(result.id(), model.outcome(result)));
        long out = marks.values().stream().filter(mark -> mark.distance() != 0).count();
        CutPlan cuts = CutPlan.of(Adjustment.of(vehicle.build().survey()), name);
        return new Column(name, vehicle, model.results(), outcomes, marks, out, cuts, !closes);
    }

    /** The results worth a row: those with a band anywhere, and the first few of each way. */
    public List<Result> rows() {
        Map<String, Result> rows = new LinkedHashMap<>();
        for (Column column : columns) {
            for (int i = 0; i < column.results().size(); i++) {
                Result result = column.results().get(i);
                boolean length = result.kind() == ResultKind.LINK_LENGTH;
                if (!length && (i < FIRST || column.marks().containsKey(result.id()))) {
                    rows.putIfAbsent(result.id(), result);
                }
            }
        }
        return List.copyOf(rows.values());
    }

    /** Mounts of an axle that have more than one hole. */
    public static List<MountRef> holed(Axle axle) {
        return axle.mounts().stream()
                .filter(mount -> !mount.holes().isEmpty())
                .map(mount -> new MountRef(axle.place(), mount.name()))
                .toList();
    }

    /** A result of a column at the pose, if that column has it. */
    public static Optional<Outcome> outcome(Column column, Result result) {
        return Optional.ofNullable(column.outcomes().get(result.id()));
    }
}
