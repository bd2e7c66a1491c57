package org.palanca.io.json;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import org.palanca.base.units.Quantity;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.FrameRails;
import org.palanca.vehicle.LinkHardware;
import org.palanca.vehicle.Scheme;
import org.palanca.vehicle.TargetBand;
import org.palanca.vehicle.Vehicle;

/** Writes vehicles in one fixed order, numbers in their shortest form, so that two versions compare line by line. */
final class VehicleWriter {
    static final String FORMAT = "palanca-vehicle";
    static final int VERSION = 2;

    /** Decimals kept of a millimetre or degree: a millionth, far below what a tape can tell. */
    private static final int DECIMALS = 6;

    private static final ObjectMapper MAPPER = new ObjectMapper();

    private VehicleWriter() {}

    static byte[] bytes(Vehicle vehicle) {
        DefaultPrettyPrinter printer = new DefaultPrettyPrinter();
        printer.indentObjectsWith(new DefaultIndenter("  ", "\n"));
        try {
            String text = MAPPER.writer(printer).writeValueAsString(tree(vehicle));
            return (text + "\n").getBytes(StandardCharsets.UTF_8);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a tree of plain nodes can always be written", e);
        }
    }

    static ObjectNode tree(Vehicle vehicle) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put("format", FORMAT);
        root.put("version", VERSION);
        root.put("name", vehicle.name());
        root.put("revision", vehicle.revision());
        root.put("comments", vehicle.comments());
        root.put("use", vehicle.use().id());
        length(root, "wheelbase_mm", vehicle.wheelbase());
        ObjectNode mass = root.putObject("mass");
        number(mass, "total_kg", vehicle.mass().mass());
        length(mass, "centre_of_gravity_behind_front_axle_mm", vehicle.mass().centreBehindFront());
        length(mass, "centre_of_gravity_height_mm", vehicle.mass().centreHeight());
        hardware(root.putObject("hardware"), vehicle.hardware());
        vehicle.rails().ifPresent(rails -> rails(root.putObject("frame_rails"), rails));
        axles(root.putObject("axles"), vehicle.axles());
        if (!vehicle.schemes().isEmpty()) {
            ObjectNode schemes = root.putObject("schemes");
            for (Scheme scheme : vehicle.schemes()) {
                ObjectNode node = schemes.putObject(scheme.name());
                node.put("note", scheme.note());
                axles(node.putObject("axles"), scheme.axles());
            }
        }
        if (!vehicle.build().equals(Build.NONE)) {
            BuildWriter.write(root.putObject("build"), vehicle.build());
        }
        ObjectNode targets = root.putObject("targets");
        vehicle.targets().forEach((key, band) -> target(targets.putObject(key), key, band));
        return root;
    }

    private static void hardware(ObjectNode node, LinkHardware hardware) {
        node.put("name", hardware.name());
        length(node, "eye_to_shank_mm", hardware.eyeToShank());
        length(node, "shank_mm", hardware.shank());
        length(node, "insert_thread_mm", hardware.insertThread());
        length(node, "insert_shoulder_mm", hardware.insertShoulder());
        length(node, "jam_nut_mm", hardware.jamNut());
        length(node, "tube_diameter_mm", hardware.tubeDiameter());
        length(node, "tube_wall_mm", hardware.tubeWall());
        length(node, "adjustment_mm", hardware.adjustment());
    }

    private static void rails(ObjectNode node, FrameRails rails) {
        length(node, "ahead_of_front_axle_mm", rails.front());
        length(node, "behind_rear_axle_mm", rails.rear());
        length(node, "bottom_mm", rails.bottom());
        length(node, "top_mm", rails.top());
        length(node, "out_mm", rails.out());
        length(node, "width_mm", rails.width());
        if (rails.rearDrop() != 0) {
            length(node, "rear_drop_mm", rails.rearDrop());
        }
    }

    private static void axles(ObjectNode node, List<Axle> axles) {
        for (Axle axle : axles) {
            axle(node.putObject(axle.place().id()), axle);
        }
    }

    private static void axle(ObjectNode node, Axle axle) {
        node.put("type", axle.type().id());
        ObjectNode tyre = node.putObject("tyre");
        length(tyre, "diameter_mm", axle.tyre().diameter());
        length(tyre, "loaded_radius_mm", axle.tyre().loadedRadius());
        length(tyre, "width_mm", axle.tyre().width());
        axle.wheels().rim().ifPresent(rim -> {
            ObjectNode measured = node.putObject("rim");
            length(measured, "diameter_mm", rim.diameter());
            length(measured, "width_mm", rim.width());
            length(measured, "backspacing_mm", rim.backspacing());
        });
        length(node, "track_mm", axle.track());
        if (axle.wheels().camber() != 0) {
            angle(node, "camber_deg", axle.wheels().camber());
        }
        if (axle.wheels().toe() != 0) {
            angle(node, "toe_deg", axle.wheels().toe());
        }
        angle(node, "pinion_deg", axle.pinion());
        axle.caster().ifPresent(caster -> angle(node, "caster_deg", caster));
        ObjectNode travel = node.putObject("travel");
        length(travel, "bump_mm", axle.travel().bump());
        length(travel, "droop_mm", axle.travel().droop());
        number(node, "drive_share", axle.driveShare());
        number(node, "brake_share", axle.brakeShare());
        if (axle.traction().inboardDrive()) {
            node.put("inboard_drive", true);
        }
        if (axle.traction().inboardBrakes()) {
            node.put("inboard_brakes", true);
        }
        LinkageWriter.write(node, axle.linkage());
        SpringingWriter.write(node, axle.springing());
    }

    private static void target(ObjectNode node, String key, TargetBand band) {
        Quantity quantity = TargetKeys.kind(key)
                .orElseThrow(() -> new IllegalArgumentException("no result is called \"" + key + "\""))
                .quantity();
        if (!Double.isInfinite(band.low())) {
            number(node, "low", quantity.toFile(band.low()));
        }
        if (!Double.isInfinite(band.high())) {
            number(node, "high", quantity.toFile(band.high()));
        }
        node.put("unit", quantity.fileUnit());
        node.put("scope", band.scope().name().toLowerCase(Locale.ROOT));
        node.put("basis", band.basis());
    }

    static void length(ObjectNode node, String key, double metres) {
        number(node, key, Quantity.LENGTH.toFile(metres));
    }

    static void angle(ObjectNode node, String key, double radians) {
        number(node, key, Quantity.ANGLE.toFile(radians));
    }

    static void number(ObjectNode node, String key, double value) {
        node.set(key, number(value));
    }

    static void number(ArrayNode node, double value) {
        node.add(number(value));
    }

    private static JsonNode number(double value) {
        BigDecimal rounded = BigDecimal.valueOf(value)
                .setScale(DECIMALS, RoundingMode.HALF_EVEN)
                .stripTrailingZeros();
        BigDecimal plain = rounded.scale() < 0 ? rounded.setScale(0) : rounded;
        if (plain.scale() == 0 && plain.precision() < 18) {
            return JsonNodeFactory.instance.numberNode(plain.longValueExact());
        }
        return JsonNodeFactory.instance.numberNode(plain.doubleValue());
    }
}
