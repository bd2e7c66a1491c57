package org.palanca.io.json;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Quantity;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.ClearanceRules;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.Hose;
import org.palanca.vehicle.MountReadings;
import org.palanca.vehicle.Obstacle;
import org.palanca.vehicle.PlacingLimits;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Weights;
import org.palanca.vehicle.WheelWell;
import org.palanca.vehicle.housing.ClockedPart;
import org.palanca.vehicle.housing.DialReading;
import org.palanca.vehicle.housing.Housing;
import org.palanca.vehicle.housing.PurchasedPart;
import org.palanca.vehicle.survey.Box;
import org.palanca.vehicle.survey.Cut;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.survey.Reading;
import org.palanca.vehicle.survey.Support;
import org.palanca.vehicle.survey.Survey;
import org.palanca.vehicle.survey.Zone;
import org.palanca.vehicle.work.StepEntry;

/** Writes what is known and done on the floor. */
final class BuildWriter {
    private BuildWriter() {}

    static void write(ObjectNode node, Build build) {
        survey(node.putObject("survey"), build.survey());
        ObjectNode axles = node.putObject("axles");
        for (AxlePlace place : AxlePlace.values()) {
            if (build.surroundings().containsKey(place)
                    || build.housings().containsKey(place)
                    || build.weights().containsKey(place)) {
                ObjectNode axle = axles.putObject(place.id());
                surroundings(axle, build.surroundings(place));
                if (build.weights().containsKey(place)) {
                    weights(axle.putObject("weights"), build.weights().get(place));
                }
                if (build.housings().containsKey(place)) {
                    housing(axle.putObject("housing"), build.housing(place));
                }
            }
        }
        ArrayNode found = node.putArray("found");
        for (MountReadings one : build.found()) {
            ObjectNode entry = found.addObject();
            entry.put("axle", one.mount().axle().id());
            entry.put("mount", one.mount().mount());
            readings(entry.putArray("readings"), one.readings());
        }
        ArrayNode log = node.putArray("log");
        for (StepEntry step : build.log()) {
            ObjectNode entry = log.addObject();
            entry.put("job", step.job());
            entry.put("step", step.step());
            entry.put("date", step.date().toString());
            entry.put("reason", step.reason());
        }
        if (!build.rules().equals(ClearanceRules.COMMON)) {
            PartWriter.rules(node.putObject("clearance"), build.rules());
        }
        if (!build.placing().equals(PlacingLimits.COMMON)) {
            placing(node.putObject("placing"), build.placing());
        }
    }

    private static void placing(ObjectNode node, PlacingLimits limits) {
        VehicleWriter.length(node, "tolerance_mm", limits.tolerance());
        if (limits.hole() > 0) {
            VehicleWriter.length(node, "hole_mm", limits.hole());
        }
        if (limits.bolt() > 0) {
            VehicleWriter.length(node, "bolt_mm", limits.bolt());
        }
    }

    private static void weights(ObjectNode node, Weights weights) {
        VehicleWriter.number(node, "left_kg", weights.left());
        VehicleWriter.number(node, "right_kg", weights.right());
        VehicleWriter.number(node, "unsprung_kg", weights.unsprung());
    }

    private static void survey(ObjectNode node, Survey survey) {
        ObjectNode marks = node.putObject("marks");
        for (Mark mark : survey.marks()) {
            ObjectNode entry = marks.putObject(mark.name());
            place(entry, "near_mm", mark.near());
            ArrayNode defined = entry.putArray("defined");
            mark.defined().stream().sorted().forEach(axis -> defined.add(axis.id()));
            if (!mark.photos().isEmpty()) {
                mark.photos().forEach(entry.putArray("photos")::add);
            }
        }
        readings(node.putArray("readings"), survey.readings());
        ArrayNode zones = node.putArray("zones");
        for (Zone zone : survey.zones()) {
            ObjectNode entry = zones.addObject();
            entry.put("name", zone.name());
            entry.put("rule", zone.rule().id());
            box(entry, zone.room());
        }
        ArrayNode cuts = node.putArray("cuts");
        for (Cut cut : survey.cuts()) {
            ObjectNode entry = cuts.addObject();
            entry.put("name", cut.name());
            entry.put("scheme", cut.scheme());
            entry.put("done", cut.done());
            box(entry, cut.room());
        }
        ArrayNode supports = node.putArray("supports");
        for (Support support : survey.supports()) {
            ObjectNode entry = supports.addObject();
            entry.put("name", support.name());
            entry.put("holds", support.holds());
            box(entry, support.room());
        }
    }

    private static void readings(ArrayNode node, List<Reading> readings) {
        for (Reading reading : readings) {
            Quantity quantity = reading.kind().quantity();
            ObjectNode entry = node.addObject();
            entry.put("kind", reading.kind().id());
            entry.put("from", reading.from());
            if (reading.kind().between()) {
                entry.put("to", reading.to());
            }
            numbers(entry, "values_" + quantity.fileUnit(), quantity, reading.values());
            if (reading.instrument() != reading.kind().usual()) {
                entry.put("instrument", reading.instrument().id());
            }
            reading.spread()
                    .ifPresent(spread ->
                            VehicleWriter.number(entry, "spread_" + quantity.fileUnit(), quantity.toFile(spread)));
        }
    }

    private static void numbers(ObjectNode node, String key, Quantity quantity, List<Double> values) {
        ArrayNode array = node.putArray(key);
        values.forEach(value -> VehicleWriter.number(array, quantity.toFile(value)));
    }

    private static void place(ObjectNode node, String key, Vector3D place) {
        numbers(node, key, Quantity.LENGTH, List.of(place.getX(), place.getY(), place.getZ()));
    }

    static void box(ObjectNode node, Box box) {
        VehicleWriter.length(node, "rear_mm", box.rear());
        VehicleWriter.length(node, "front_mm", box.front());
        VehicleWriter.length(node, "right_mm", box.right());
        VehicleWriter.length(node, "left_mm", box.left());
        VehicleWriter.length(node, "bottom_mm", box.bottom());
        VehicleWriter.length(node, "top_mm", box.top());
    }

    private static void surroundings(ObjectNode node, Surroundings around) {
        if (!around.leftEnd().isEmpty() || !around.rightEnd().isEmpty()) {
            node.put("left_end_mark", around.leftEnd());
            node.put("right_end_mark", around.rightEnd());
        }
        around.well().ifPresent(well -> well(node.putObject("well"), well));
        if (!around.obstacles().isEmpty()) {
            ArrayNode obstacles = node.putArray("obstacles");
            for (Obstacle obstacle : around.obstacles()) {
                ObjectNode entry = obstacles.addObject();
                entry.put("name", obstacle.name());
                box(entry, obstacle.room());
            }
        }
        if (!around.parts().isEmpty()) {
            ArrayNode parts = node.putArray("parts");
            around.parts().forEach(part -> PartWriter.write(parts.addObject(), part));
        }
        if (!around.hoses().isEmpty()) {
            ArrayNode hoses = node.putArray("hoses");
            around.hoses().forEach(hose -> hose(hoses.addObject(), hose));
        }
        around.driveline().ifPresent(line -> driveline(node.putObject("driveline"), line));
        around.halfShafts().ifPresent(shafts -> {
            ObjectNode entry = node.putObject("half_shafts");
            place(entry, "inner_mm", shafts.inner());
            VehicleWriter.length(entry, "inset_mm", shafts.inset());
            VehicleWriter.angle(entry, "limit_deg", shafts.limit());
            VehicleWriter.length(entry, "plunge_mm", shafts.plunge());
        });
    }

    private static void hose(ObjectNode node, Hose hose) {
        node.put("name", hose.name());
        end(node.putObject("from"), hose.from());
        end(node.putObject("to"), hose.to());
        VehicleWriter.length(node, "length_mm", hose.length());
        if (hose.bend() != 0) {
            VehicleWriter.length(node, "bend_mm", hose.bend());
        }
    }

    private static void end(ObjectNode node, Hose.End end) {
        node.put("body", end.body().id());
        place(node, "at_mm", end.at());
    }

    private static void well(ObjectNode node, WheelWell well) {
        VehicleWriter.length(node, "rear_edge_mm", well.rearEdge());
        VehicleWriter.length(node, "front_edge_mm", well.frontEdge());
        VehicleWriter.length(node, "top_mm", well.top());
        VehicleWriter.length(node, "inner_mm", well.inner());
        VehicleWriter.length(node, "outer_mm", well.outer());
        VehicleWriter.length(node, "wanted_mm", well.wanted());
    }

    private static void driveline(ObjectNode node, Driveline line) {
        place(node, "output_mm", line.output());
        VehicleWriter.angle(node, "output_deg", line.outputAngle());
        VehicleWriter.length(node, "reach_mm", line.reach());
        VehicleWriter.length(node, "offset_mm", line.offset());
        VehicleWriter.length(node, "drop_mm", line.drop());
        VehicleWriter.length(node, "slip_mm", line.slip());
        if (line.joints() != Driveline.Joints.TWO) {
            node.put("joints", line.joints().id());
        }
        if (line.limit() != Driveline.COMMON_LIMIT) {
            VehicleWriter.angle(node, "limit_deg", line.limit());
        }
        if (line.phase() != 0) {
            VehicleWriter.angle(node, "phase_deg", line.phase());
        }
    }

    private static void housing(ObjectNode node, Housing housing) {
        node.put("ends", housing.ends().id());
        node.put("school", housing.school().id());
        ObjectNode sizes = node.putObject("sizes_mm");
        housing.sizes().forEach((size, metres) -> VehicleWriter.length(sizes, size.id(), metres));
        VehicleWriter.angle(node, "bench_pinion_deg", housing.benchPinion());
        VehicleWriter.length(node, "accepted_mm", housing.accepted());
        VehicleWriter.length(node, "seat_mm", housing.seat());
        ArrayNode clocked = node.putArray("clocked");
        for (ClockedPart part : housing.clocked()) {
            ObjectNode entry = clocked.addObject();
            entry.put("name", part.name());
            entry.put("kind", part.kind().id());
            VehicleWriter.angle(entry, "at_ride_deg", part.atRide());
        }
        ObjectNode dials = node.putObject("dials");
        dials(dials.putArray("left"), housing.dial(Side.LEFT));
        dials(dials.putArray("right"), housing.dial(Side.RIGHT));
        ArrayNode parts = node.putArray("parts");
        housing.parts().forEach(part -> part(parts.addObject(), part));
    }

    private static void dials(ArrayNode node, List<DialReading> dials) {
        for (DialReading dial : dials) {
            ObjectNode entry = node.addObject();
            entry.put("stage", dial.stage().name().toLowerCase(Locale.ROOT));
            entry.put("way", dial.way().name().toLowerCase(Locale.ROOT));
            VehicleWriter.length(entry, "reach_mm", dial.reach());
            List<Double> clock = new ArrayList<>(List.of(dial.twelve(), dial.three(), dial.six(), dial.nine()));
            numbers(entry, "clock_mm", Quantity.LENGTH, clock);
        }
    }

    private static void part(ObjectNode node, PurchasedPart part) {
        node.put("name", part.name());
        node.put("mates_with", part.matesWith());
        part.bolts().ifPresent(bolts -> node.put("bolts", bolts));
        optional(node, "bolt_circle_mm", part.boltCircle());
        optional(node, "pilot_mm", part.pilot());
        optional(node, "bore_mm", part.bore());
        part.thread().ifPresent(thread -> node.put("thread", thread));
        part.fit().ifPresent(fit -> node.put("fit", fit.id()));
        part.hand().ifPresent(hand -> node.put("hand", hand.name().toLowerCase(Locale.ROOT)));
    }

    private static void optional(ObjectNode node, String key, OptionalDouble metres) {
        metres.ifPresent(value -> VehicleWriter.length(node, key, value));
    }
}
