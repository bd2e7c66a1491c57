package org.palanca.io.json;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Quantity;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.ClearanceRules;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.HalfShafts;
import org.palanca.vehicle.Hose;
import org.palanca.vehicle.MountReadings;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Obstacle;
import org.palanca.vehicle.PlacingLimits;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Weights;
import org.palanca.vehicle.WheelWell;
import org.palanca.vehicle.housing.ClockedPart;
import org.palanca.vehicle.housing.DialReading;
import org.palanca.vehicle.housing.Housing;
import org.palanca.vehicle.housing.HousingSize;
import org.palanca.vehicle.housing.PurchasedPart;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Box;
import org.palanca.vehicle.survey.Cut;
import org.palanca.vehicle.survey.Instrument;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.survey.Reading;
import org.palanca.vehicle.survey.ReadingKind;
import org.palanca.vehicle.survey.Support;
import org.palanca.vehicle.survey.Survey;
import org.palanca.vehicle.survey.Zone;
import org.palanca.vehicle.work.StepEntry;

/** Reads what is known and done on the floor, from a tree that the schema has let through. */
final class BuildReader {
    /** Takes 29 February of any year, which the schema can't refuse, as the month's last day. */
    private static final DateTimeFormatter DATE = DateTimeFormatter.ofPattern("uuuu-MM-dd");

    /** Any of these keys says that something is known of what an axle has to fit into. */
    private static final List<String> SURROUNDINGS =
            List.of("well", "obstacles", "parts", "hoses", "driveline", "half_shafts", "left_end_mark");

    private BuildReader() {}

    static Build build(JsonNode node) {
        Map<AxlePlace, Surroundings> surroundings = new EnumMap<>(AxlePlace.class);
        Map<AxlePlace, Housing> housings = new EnumMap<>(AxlePlace.class);
        Map<AxlePlace, Weights> weights = new EnumMap<>(AxlePlace.class);
        for (AxlePlace place : AxlePlace.values()) {
            JsonNode axle = node.path("axles").path(place.id());
            if (SURROUNDINGS.stream().anyMatch(axle::has)) {
                surroundings.put(place, surroundings(axle));
            }
            if (axle.has("weights")) {
                weights.put(place, weights(axle.path("weights")));
            }
            if (axle.has("housing")) {
                housings.put(place, housing(axle.path("housing")));
            }
        }
        return new Build(
                survey(node.path("survey")),
                surroundings,
                housings,
                list(node.path("found"), BuildReader::found),
                list(node.path("log"), BuildReader::entry),
                node.has("clearance") ? PartReader.rules(node.path("clearance")) : ClearanceRules.COMMON,
                node.has("placing") ? placing(node.path("placing")) : PlacingLimits.COMMON,
                weights);
    }

    private static PlacingLimits placing(JsonNode node) {
        return new PlacingLimits(
                VehicleReader.length(node, "tolerance_mm"),
                node.has("hole_mm") ? VehicleReader.length(node, "hole_mm") : 0,
                node.has("bolt_mm") ? VehicleReader.length(node, "bolt_mm") : 0);
    }

    private static Weights weights(JsonNode node) {
        return new Weights(
                node.path("left_kg").asDouble(),
                node.path("right_kg").asDouble(),
                node.path("unsprung_kg").asDouble());
    }

    private static Survey survey(JsonNode node) {
        List<Mark> marks = new ArrayList<>();
        node.path("marks").properties().forEach(entry -> marks.add(mark(entry.getKey(), entry.getValue())));
        return new Survey(
                marks,
                list(node.path("readings"), BuildReader::reading),
                list(
                        node.path("zones"),
                        zone -> new Zone(
                                text(zone, "name"),
                                VehicleReader.constant(Zone.Rule.class, zone.path("rule")),
                                box(zone))),
                list(
                        node.path("cuts"),
                        cut -> new Cut(
                                text(cut, "name"),
                                text(cut, "scheme"),
                                box(cut),
                                cut.path("done").asBoolean())),
                list(
                        node.path("supports"),
                        support -> new Support(text(support, "name"), text(support, "holds"), box(support))));
    }

    private static Mark mark(String name, JsonNode node) {
        Set<Axis> defined = new TreeSet<>();
        node.path("defined").forEach(axis -> defined.add(VehicleReader.constant(Axis.class, axis)));
        return new Mark(name, place(node, "near_mm"), defined, list(node.path("photos"), JsonNode::asText));
    }

    private static Reading reading(JsonNode node) {
        ReadingKind kind = VehicleReader.constant(ReadingKind.class, node.path("kind"));
        Quantity quantity = kind.quantity();
        return new Reading(
                kind,
                text(node, "from"),
                text(node, "to"),
                list(node.path("values_" + quantity.fileUnit()), value -> quantity.fromFile(value.asDouble())),
                node.has("instrument")
                        ? VehicleReader.constant(Instrument.class, node.path("instrument"))
                        : kind.usual(),
                optional(node, "spread_" + quantity.fileUnit(), quantity));
    }

    static Box box(JsonNode node) {
        return new Box(
                VehicleReader.length(node, "rear_mm"),
                VehicleReader.length(node, "front_mm"),
                VehicleReader.length(node, "right_mm"),
                VehicleReader.length(node, "left_mm"),
                VehicleReader.length(node, "bottom_mm"),
                VehicleReader.length(node, "top_mm"));
    }

    private static Surroundings surroundings(JsonNode node) {
        return new Surroundings(
                node.has("well") ? Optional.of(well(node.path("well"))) : Optional.empty(),
                list(node.path("obstacles"), obstacle -> new Obstacle(text(obstacle, "name"), box(obstacle))),
                list(node.path("parts"), PartReader::part),
                list(node.path("hoses"), BuildReader::hose),
                node.has("driveline") ? Optional.of(driveline(node.path("driveline"))) : Optional.empty(),
                node.has("half_shafts") ? Optional.of(halfShafts(node.path("half_shafts"))) : Optional.empty(),
                text(node, "left_end_mark"),
                text(node, "right_end_mark"));
    }

    private static Hose hose(JsonNode node) {
        return new Hose(
                text(node, "name"),
                end(node.path("from")),
                end(node.path("to")),
                VehicleReader.length(node, "length_mm"),
                VehicleReader.length(node, "bend_mm"));
    }

    private static Hose.End end(JsonNode node) {
        return new Hose.End(BodyName.of(text(node, "body")), place(node, "at_mm"));
    }

    private static WheelWell well(JsonNode node) {
        return new WheelWell(
                VehicleReader.length(node, "rear_edge_mm"),
                VehicleReader.length(node, "front_edge_mm"),
                VehicleReader.length(node, "top_mm"),
                VehicleReader.length(node, "inner_mm"),
                VehicleReader.length(node, "outer_mm"),
                VehicleReader.length(node, "wanted_mm"));
    }

    private static Driveline driveline(JsonNode node) {
        return new Driveline(
                place(node, "output_mm"),
                VehicleReader.angle(node, "output_deg"),
                VehicleReader.length(node, "reach_mm"),
                VehicleReader.length(node, "offset_mm"),
                VehicleReader.length(node, "drop_mm"),
                VehicleReader.length(node, "slip_mm"),
                node.has("joints")
                        ? VehicleReader.constant(Driveline.Joints.class, node.path("joints"))
                        : Driveline.Joints.TWO,
                node.has("limit_deg") ? VehicleReader.angle(node, "limit_deg") : Driveline.COMMON_LIMIT,
                VehicleReader.angle(node, "phase_deg"));
    }

    private static HalfShafts halfShafts(JsonNode node) {
        return new HalfShafts(
                place(node, "inner_mm"),
                VehicleReader.length(node, "inset_mm"),
                VehicleReader.angle(node, "limit_deg"),
                VehicleReader.length(node, "plunge_mm"));
    }

    private static Housing housing(JsonNode node) {
        Map<HousingSize, Double> sizes = new EnumMap<>(HousingSize.class);
        for (HousingSize size : HousingSize.values()) {
            if (node.path("sizes_mm").has(size.id())) {
                sizes.put(size, VehicleReader.length(node.path("sizes_mm"), size.id()));
            }
        }
        return new Housing(
                VehicleReader.constant(Housing.Ends.class, node.path("ends")),
                VehicleReader.constant(Housing.School.class, node.path("school")),
                sizes,
                VehicleReader.angle(node, "bench_pinion_deg"),
                list(
                        node.path("clocked"),
                        part -> new ClockedPart(
                                text(part, "name"),
                                VehicleReader.constant(ClockedPart.Kind.class, part.path("kind")),
                                VehicleReader.angle(part, "at_ride_deg"))),
                list(node.path("dials").path("left"), BuildReader::dial),
                list(node.path("dials").path("right"), BuildReader::dial),
                VehicleReader.length(node, "accepted_mm"),
                VehicleReader.length(node, "seat_mm"),
                list(node.path("parts"), BuildReader::part));
    }

    private static DialReading dial(JsonNode node) {
        List<Double> clock = list(node.path("clock_mm"), value -> Quantity.LENGTH.fromFile(value.asDouble()));
        return new DialReading(
                VehicleReader.constant(DialReading.Stage.class, node.path("stage")),
                VehicleReader.constant(DialReading.Way.class, node.path("way")),
                VehicleReader.length(node, "reach_mm"),
                clock.get(0),
                clock.get(1),
                clock.get(2),
                clock.get(3));
    }

    private static PurchasedPart part(JsonNode node) {
        return new PurchasedPart(
                text(node, "name"),
                text(node, "mates_with"),
                node.has("bolts") ? OptionalInt.of(node.path("bolts").asInt()) : OptionalInt.empty(),
                optional(node, "bolt_circle_mm", Quantity.LENGTH),
                optional(node, "pilot_mm", Quantity.LENGTH),
                optional(node, "bore_mm", Quantity.LENGTH),
                node.has("thread") ? Optional.of(text(node, "thread")) : Optional.empty(),
                node.has("hand")
                        ? Optional.of(VehicleReader.constant(PurchasedPart.Hand.class, node.path("hand")))
                        : Optional.empty(),
                node.has("fit")
                        ? Optional.of(VehicleReader.constant(PurchasedPart.Fit.class, node.path("fit")))
                        : Optional.empty());
    }

    private static MountReadings found(JsonNode node) {
        AxlePlace place = VehicleReader.constant(AxlePlace.class, node.path("axle"));
        return new MountReadings(
                new MountRef(place, text(node, "mount")), list(node.path("readings"), BuildReader::reading));
    }

    private static StepEntry entry(JsonNode node) {
        return new StepEntry(
                text(node, "job"), text(node, "step"), LocalDate.parse(text(node, "date"), DATE), text(node, "reason"));
    }

    private static Vector3D place(JsonNode node, String key) {
        JsonNode array = node.path(key);
        return new Vector3D(
                Quantity.LENGTH.fromFile(array.path(0).asDouble()),
                Quantity.LENGTH.fromFile(array.path(1).asDouble()),
                Quantity.LENGTH.fromFile(array.path(2).asDouble()));
    }

    private static OptionalDouble optional(JsonNode node, String key, Quantity quantity) {
        return node.has(key)
                ? OptionalDouble.of(quantity.fromFile(node.path(key).asDouble()))
                : OptionalDouble.empty();
    }

    private static String text(JsonNode node, String key) {
        return node.path(key).asText("");
    }

    private static <T> List<T> list(JsonNode node, Function<JsonNode, T> read) {
        List<T> all = new ArrayList<>();
        node.forEach(entry -> all.add(read.apply(entry)));
        return all;
    }
}
