package org.palanca.io.json;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.io.JsonEOFException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.io.SafeFile;
import org.palanca.result.ResultKind;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.FrameRails;
import org.palanca.vehicle.LinkHardware;
import org.palanca.vehicle.MassProperties;
import org.palanca.vehicle.Rim;
import org.palanca.vehicle.Scheme;
import org.palanca.vehicle.TargetBand;
import org.palanca.vehicle.Traction;
import org.palanca.vehicle.Travel;
import org.palanca.vehicle.Tyre;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.Wheels;
import org.palanca.vehicle.check.Finding;
import org.palanca.vehicle.check.VehicleCheck;

/** Reads vehicles. A file is taken whole or refused with every problem named; nothing in it is dropped in silence. */
final class VehicleReader {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private VehicleReader() {}

    static VehicleFile.Opened read(Path file, byte[] bytes) throws VehicleFileException {
        JsonPlaces places;
        JsonNode root;
        try {
            places = JsonPlaces.of(bytes, new JsonFactory());
            root = MAPPER.readTree(bytes);
        } catch (JsonEOFException e) {
            throw refused(file, "file.truncated", e.getLocation(), e);
        } catch (JsonProcessingException e) {
            // Between two entries the parser tells the end of the file by its words alone.
            boolean ended = e.getOriginalMessage().startsWith("Unexpected end-of-input");
            throw refused(file, ended ? "file.truncated" : "file.not_json", e.getLocation(), e);
        } catch (IOException e) {
            throw new VehicleFileException(
                    file, Message.of("file.not_json", file, "1", "1", String.valueOf(e.getMessage())), List.of(), e);
        }
        if (root == null || root.isMissingNode()) {
            throw new VehicleFileException(file, Message.of("file.empty", file, backup(file)), List.of(), null);
        }
        if (!root.isObject() || !root.path("format").asText().equals(VehicleWriter.FORMAT)) {
            throw new VehicleFileException(
                    file, Message.of("file.other_format", file, VehicleWriter.FORMAT), List.of(), null);
        }
        return checked(file, root, places);
    }

    private static VehicleFile.Opened checked(Path file, JsonNode root, JsonPlaces places) throws VehicleFileException {
        boolean newer = root.path("version").asInt() > VehicleWriter.VERSION;
        List<Finding> findings = new ArrayList<>();
        for (JsonPlaces.Duplicate twice : places.duplicates()) {
            String name = twice.pointer().substring(twice.pointer().lastIndexOf('/') + 1);
            boolean mount = twice.pointer().contains("/mounts/");
            findings.add(Finding.error(
                            twice.pointer(),
                            Message.of(
                                    mount ? "file.mount_twice" : "file.key_twice",
                                    name,
                                    Integer.toString(twice.firstLine())))
                    .onLine(twice.line()));
        }
        findings.addAll(SchemaCheck.findings(root, places, newer));
        findings.addAll(targets(root.path("targets"), places));
        if (!findings.isEmpty()) {
            throw problems(file, newer, findings);
        }
        Vehicle vehicle = vehicle(root);
        for (Finding finding : VehicleCheck.findings(vehicle)) {
            findings.add(finding.onLine(places.line(finding.place())));
        }
        if (VehicleCheck.hasErrors(findings)) {
            throw problems(file, newer, findings);
        }
        if (!newer) {
            findings.addAll(UnreadKeys.of(root, VehicleWriter.tree(vehicle), places));
        }
        return new VehicleFile.Opened(vehicle, newer, findings);
    }

    /** Bands are filed by axle and result: each must name one there is, in that result's own unit. */
    private static List<Finding> targets(JsonNode node, JsonPlaces places) {
        List<Finding> findings = new ArrayList<>();
        for (Map.Entry<String, JsonNode> entry : node.properties()) {
            String key = entry.getKey();
            String place = "/targets/" + key;
            String unit = entry.getValue().path("unit").asText();
            Optional<ResultKind> kind = TargetKeys.kind(key);
            Optional<Message> fault = kind.isEmpty()
                    ? Optional.of(Message.of("file.target_unknown", key, TargetKeys.nearest(key)))
                    : kind.get().quantity().fileUnit().equals(unit)
                            ? Optional.empty()
                            : Optional.of(Message.of(
                                    "file.target_unit",
                                    key,
                                    kind.get().quantity().fileUnit(),
                                    unit));
            fault.ifPresent(
                    message -> findings.add(Finding.error(place, message).onLine(places.line(place))));
        }
        return findings;
    }

    private static VehicleFileException problems(Path file, boolean newer, List<Finding> findings) {
        Message summary = newer
                ? Message.of("file.newer_unreadable", file)
                : Message.of("file.problems", file, Integer.toString(findings.size()));
        List<Finding> inOrder = new ArrayList<>(findings);
        inOrder.sort(Comparator.comparingInt(Finding::line));
        return new VehicleFileException(file, summary, inOrder, null);
    }

    private static VehicleFileException refused(Path file, String key, JsonLocation at, JsonProcessingException cause) {
        // What is nested too deeply is refused without a place.
        JsonLocation where = at == null ? JsonLocation.NA : at;
        Message message = Message.of(
                key,
                file,
                Integer.toString(Math.max(1, where.getLineNr())),
                Integer.toString(Math.max(1, where.getColumnNr())),
                cause.getOriginalMessage(),
                backup(file));
        return new VehicleFileException(file, message, List.of(), cause);
    }

    /** Whether there is a copy to go back to. */
    private static Message backup(Path file) {
        Path copy = file.resolveSibling(file.getFileName() + SafeFile.BACKUP_ENDING);
        return Files.exists(copy)
                ? Message.of("file.backup", copy.getFileName().toString())
                : Message.of("file.no_backup");
    }

    private static Vehicle vehicle(JsonNode root) {
        JsonNode mass = root.path("mass");
        TreeMap<String, TargetBand> targets = new TreeMap<>();
        for (Map.Entry<String, JsonNode> entry : root.path("targets").properties()) {
            targets.put(entry.getKey(), target(entry.getValue()));
        }
        return new Vehicle(
                root.path("name").asText(),
                root.path("revision").asInt(1),
                root.path("comments").asText(""),
                constant(Use.class, root.path("use")),
                length(root, "wheelbase_mm"),
                new MassProperties(
                        mass.path("total_kg").asDouble(),
                        length(mass, "centre_of_gravity_behind_front_axle_mm"),
                        length(mass, "centre_of_gravity_height_mm")),
                root.has("hardware") ? hardware(root.path("hardware")) : LinkHardware.COMMON,
                root.has("frame_rails") ? Optional.of(rails(root.path("frame_rails"))) : Optional.empty(),
                axles(root.path("axles")),
                schemes(root.path("schemes")),
                root.has("build") ? BuildReader.build(root.path("build")) : Build.NONE,
                targets);
    }

    private static List<Axle> axles(JsonNode node) {
        List<Axle> axles = new ArrayList<>();
        for (AxlePlace place : AxlePlace.values()) {
            if (node.has(place.id())) {
                axles.add(axle(place, node.path(place.id())));
            }
        }
        return axles;
    }

    private static List<Scheme> schemes(JsonNode node) {
        List<Scheme> schemes = new ArrayList<>();
        node.properties()
                .forEach(entry -> schemes.add(new Scheme(
                        entry.getKey(),
                        entry.getValue().path("note").asText(),
                        axles(entry.getValue().path("axles")))));
        return schemes;
    }

    private static LinkHardware hardware(JsonNode node) {
        return new LinkHardware(
                node.path("name").asText(),
                length(node, "eye_to_shank_mm"),
                length(node, "shank_mm"),
                length(node, "insert_thread_mm"),
                length(node, "insert_shoulder_mm"),
                length(node, "jam_nut_mm"),
                length(node, "tube_diameter_mm"),
                length(node, "tube_wall_mm"),
                length(node, "adjustment_mm"));
    }

    private static FrameRails rails(JsonNode node) {
        return new FrameRails(
                length(node, "ahead_of_front_axle_mm"),
                length(node, "behind_rear_axle_mm"),
                length(node, "bottom_mm"),
                length(node, "top_mm"),
                length(node, "out_mm"),
                length(node, "width_mm"),
                length(node, "rear_drop_mm"));
    }

    private static Axle axle(AxlePlace place, JsonNode node) {
        JsonNode tyre = node.path("tyre");
        JsonNode travel = node.path("travel");
        return new Axle(
                place,
                new Wheels(
                        new Tyre(
                                length(tyre, "diameter_mm"),
                                length(tyre, "loaded_radius_mm"),
                                length(tyre, "width_mm")),
                        length(node, "track_mm"),
                        angle(node, "camber_deg"),
                        angle(node, "toe_deg"),
                        rim(node.path("rim"))),
                new Travel(length(travel, "bump_mm"), length(travel, "droop_mm")),
                new Traction(
                        node.path("drive_share").asDouble(),
                        node.path("brake_share").asDouble(),
                        node.path("inboard_drive").asBoolean(),
                        node.path("inboard_brakes").asBoolean()),
                angle(node, "pinion_deg"),
                node.has("caster_deg") ? OptionalDouble.of(angle(node, "caster_deg")) : OptionalDouble.empty(),
                LinkageReader.linkage(node),
                SpringingReader.springing(node.path("springing")));
    }

    private static Optional<Rim> rim(JsonNode node) {
        return node.isMissingNode()
                ? Optional.empty()
                : Optional.of(
                        new Rim(length(node, "diameter_mm"), length(node, "width_mm"), length(node, "backspacing_mm")));
    }

    private static TargetBand target(JsonNode node) {
        Quantity quantity = quantity(node.path("unit").asText());
        return new TargetBand(
                node.has("low") ? quantity.fromFile(node.path("low").asDouble()) : Double.NEGATIVE_INFINITY,
                node.has("high") ? quantity.fromFile(node.path("high").asDouble()) : Double.POSITIVE_INFINITY,
                constant(TargetBand.Scope.class, node.path("scope")),
                node.path("basis").asText());
    }

    private static Quantity quantity(String unit) {
        for (Quantity quantity : Quantity.values()) {
            if (quantity.fileUnit().equals(unit)) {
                return quantity;
            }
        }
        throw new IllegalStateException("the schema lets only known units through, not " + unit);
    }

    static <E extends Enum<E>> E constant(Class<E> type, JsonNode node) {
        return Enum.valueOf(type, node.asText().toUpperCase(Locale.ROOT));
    }

    /** Whether a thing is described in a form: by all its keys, since one of another form may be left over beside them. */
    static boolean hasAll(JsonNode node, String... keys) {
        return Arrays.stream(keys).allMatch(node::has);
    }

    static double length(JsonNode node, String key) {
        return Quantity.LENGTH.fromFile(node.path(key).asDouble());
    }

    static double angle(JsonNode node, String key) {
        return Quantity.ANGLE.fromFile(node.path(key).asDouble());
    }
}
