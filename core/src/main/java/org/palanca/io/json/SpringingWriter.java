package org.palanca.io.json;

import static org.palanca.io.json.VehicleWriter.angle;
import static org.palanca.io.json.VehicleWriter.length;
import static org.palanca.io.json.VehicleWriter.number;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Function;
import org.palanca.base.units.Quantity;
import org.palanca.vehicle.springing.Air;
import org.palanca.vehicle.springing.BumpStop;
import org.palanca.vehicle.springing.Coil;
import org.palanca.vehicle.springing.Coils;
import org.palanca.vehicle.springing.Shock;
import org.palanca.vehicle.springing.ShockSize;
import org.palanca.vehicle.springing.Springing;
import org.palanca.vehicle.springing.Strap;
import org.palanca.vehicle.springing.SwayBar;
import org.palanca.vehicle.springing.TorsionBar;

/** Writes what carries an axle. What is empty is left out. */
final class SpringingWriter {
    private SpringingWriter() {}

    static void write(ObjectNode axle, Springing springing) {
        if (springing.isEmpty()) {
            return;
        }
        ObjectNode node = axle.putObject("springing");
        each(node, "shocks", springing.shocks(), Shock::name, SpringingWriter::shock);
        each(node, "torsion_bars", springing.torsionBars(), TorsionBar::name, (entry, bar) -> {
            entry.put("joint", bar.joint());
            twist(entry, bar.rate());
            angle(entry, "wind_up_deg", bar.windUp());
        });
        each(node, "sway_bars", springing.swayBars(), SwayBar::name, (entry, bar) -> {
            entry.put("left", bar.left());
            entry.put("right", bar.right());
            twist(entry, bar.rate());
        });
        each(node, "bump_stops", springing.stops(), BumpStop::name, (entry, stop) -> {
            entry.put("from", stop.from());
            entry.put("to", stop.to());
            length(entry, "free_mm", stop.free());
            length(entry, "collapsed_mm", stop.collapsed());
            ArrayNode forces = entry.putArray("forces_n");
            stop.forces().forEach(force -> number(forces, force));
        });
        each(node, "straps", springing.straps(), Strap::name, (entry, strap) -> {
            entry.put("from", strap.from());
            entry.put("to", strap.to());
            length(entry, "length_mm", strap.length());
        });
    }

    private static <T> void each(
            ObjectNode node, String key, List<T> all, Function<T, String> name, BiConsumer<ObjectNode, T> write) {
        if (!all.isEmpty()) {
            ObjectNode group = node.putObject(key);
            all.forEach(one -> write.accept(group.putObject(name.apply(one)), one));
        }
    }

    private static void twist(ObjectNode node, double rate) {
        number(node, "rate_nm_per_deg", Quantity.TWIST_RATE.toFile(rate));
    }

    private static void shock(ObjectNode node, Shock shock) {
        node.put("upper", shock.upper());
        node.put("lower", shock.lower());
        shock.size().ifPresent(size -> size(node.putObject("size"), size));
        shock.spring()
                .ifPresent(spring -> spring.visit(coils -> coils(node, coils), air -> air(node.putObject("air"), air)));
    }

    private static void coils(ObjectNode node, Coils coils) {
        ArrayNode array = node.putArray("coils");
        coils.coils().forEach(coil -> coil(array.addObject(), coil));
        length(node, "preload_mm", coils.preload());
    }

    private static void air(ObjectNode node, Air air) {
        length(node, "diameter_mm", air.diameter());
        length(node, "column_mm", air.column());
        number(node, "pressure_kpa", Quantity.PRESSURE.toFile(air.pressure()));
        number(node, "exponent", air.exponent());
    }

    private static void size(ObjectNode node, ShockSize size) {
        node.put("model", size.model());
        length(node, "collapsed_mm", size.collapsed());
        length(node, "extended_mm", size.extended());
        length(node, "body_mm", size.body());
        length(node, "coil_mm", size.coil());
        length(node, "eye_mm", size.eye());
    }

    private static void coil(ObjectNode node, Coil coil) {
        number(node, "rate_n_per_mm", Quantity.RATE.toFile(coil.rate()));
        length(node, "free_mm", coil.free());
        length(node, "solid_mm", coil.solid());
        coil.stop().ifPresent(stop -> length(node, "stop_mm", stop));
    }
}
