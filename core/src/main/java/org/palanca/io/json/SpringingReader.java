package org.palanca.io.json;

import static org.palanca.io.json.VehicleReader.angle;
import static org.palanca.io.json.VehicleReader.length;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.BiFunction;
import org.palanca.base.units.Quantity;
import org.palanca.vehicle.springing.Air;
import org.palanca.vehicle.springing.BumpStop;
import org.palanca.vehicle.springing.Coil;
import org.palanca.vehicle.springing.Coils;
import org.palanca.vehicle.springing.Shock;
import org.palanca.vehicle.springing.ShockSize;
import org.palanca.vehicle.springing.Spring;
import org.palanca.vehicle.springing.Springing;
import org.palanca.vehicle.springing.Strap;
import org.palanca.vehicle.springing.SwayBar;
import org.palanca.vehicle.springing.TorsionBar;

/** Reads what carries an axle. The schema has been held against it. */
final class SpringingReader {
    private SpringingReader() {}

    static Springing springing(JsonNode node) {
        return new Springing(
                each(node.path("shocks"), SpringingReader::shock),
                each(node.path("torsion_bars"), SpringingReader::torsionBar),
                each(node.path("sway_bars"), SpringingReader::swayBar),
                each(node.path("bump_stops"), SpringingReader::stop),
                each(
                        node.path("straps"),
                        (name, strap) ->
                                new Strap(name, text(strap, "from"), text(strap, "to"), length(strap, "length_mm"))));
    }

    private static <T> List<T> each(JsonNode node, BiFunction<String, JsonNode, T> read) {
        List<T> all = new ArrayList<>();
        node.properties().forEach(entry -> all.add(read.apply(entry.getKey(), entry.getValue())));
        return all;
    }

    private static Shock shock(String name, JsonNode node) {
        return new Shock(
                name,
                text(node, "upper"),
                text(node, "lower"),
                node.has("size") ? Optional.of(size(node.path("size"))) : Optional.empty(),
                spring(node));
    }

    private static ShockSize size(JsonNode node) {
        return new ShockSize(
                text(node, "model"),
                length(node, "collapsed_mm"),
                length(node, "extended_mm"),
                length(node, "body_mm"),
                length(node, "coil_mm"),
                length(node, "eye_mm"));
    }

    private static Optional<Spring> spring(JsonNode node) {
        if (node.has("air")) {
            JsonNode air = node.path("air");
            return Optional.of(new Air(
                    length(air, "diameter_mm"),
                    length(air, "column_mm"),
                    Quantity.PRESSURE.fromFile(air.path("pressure_kpa").asDouble()),
                    air.path("exponent").asDouble()));
        }
        if (!node.has("coils")) {
            return Optional.empty();
        }
        List<Coil> coils = new ArrayList<>();
        node.path("coils").forEach(coil -> coils.add(coil(coil)));
        return Optional.of(new Coils(coils, length(node, "preload_mm")));
    }

    private static Coil coil(JsonNode node) {
        return new Coil(
                Quantity.RATE.fromFile(node.path("rate_n_per_mm").asDouble()),
                length(node, "free_mm"),
                length(node, "solid_mm"),
                node.has("stop_mm") ? OptionalDouble.of(length(node, "stop_mm")) : OptionalDouble.empty());
    }

    private static TorsionBar torsionBar(String name, JsonNode node) {
        return new TorsionBar(name, text(node, "joint"), twist(node), angle(node, "wind_up_deg"));
    }

    private static SwayBar swayBar(String name, JsonNode node) {
        return new SwayBar(name, text(node, "left"), text(node, "right"), twist(node));
    }

    private static double twist(JsonNode node) {
        return Quantity.TWIST_RATE.fromFile(node.path("rate_nm_per_deg").asDouble());
    }

    private static BumpStop stop(String name, JsonNode node) {
        List<Double> forces = new ArrayList<>();
        node.path("forces_n").forEach(force -> forces.add(force.asDouble()));
        return new BumpStop(
                name,
                text(node, "from"),
                text(node, "to"),
                length(node, "free_mm"),
                length(node, "collapsed_mm"),
                forces);
    }

    private static String text(JsonNode node, String key) {
        return node.path(key).asText("");
    }
}
