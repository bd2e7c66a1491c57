package org.palanca.io.json;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.BooleanNode;
import com.fasterxml.jackson.databind.node.IntNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import com.fasterxml.jackson.databind.node.TextNode;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.palanca.Examples;
import org.palanca.vehicle.Vehicle;

/**
 * The published schema against what is written: whatever a file may hold is written by something and comes back. That nothing
 * is written which the schema forbids is told by opening it, for it is held against the schema then.
 */
class SchemaTest {
    /** Keywords under which a schema goes on about the same value. */
    private static final List<String> SAME_VALUE = List.of("allOf", "oneOf", "anyOf", "then", "else");

    /** What no vehicle above has, put into an example by hand: file, place, value. */
    private static final String RARE = """
            plover | /axles/front/inboard_brakes | true
            marram | /axles/front/joints/arm frame bushing left/rate_n_per_mm | 4000
            tarn-4 | /use | "drag"
            tarn-4 | /use | "track"
            tarn-4 | /frame_rails/rear_drop_mm | 50
            tarn-4 | /axles/rear/links/upper left/length_mm | 900
            tarn-4 | /axles/rear/links/upper left/rate_n_per_mm | 5000
            tarn-4 | /axles/rear/mounts/upper frame left/can_move | false
            tarn-4 | /axles/rear/mounts/upper frame left/holes | {"low": {"x_mm": -1800, "y_mm": 390, "z_mm": 600}}
            tarn-4 | /axles/rear/mounts/upper frame left/holes | {"low": {"behind_mm": 9, "side": "right", "out_mm": 390, "up_mm": 600}}
            tarn-4 | /axles/rear/mounts/upper frame left/bracket | {"form": "clevis", "seat": {"face": "up", "distance_mm": 60, "wall_mm": 3}, "edge_mm": 20, "foot_mm": 80, "shift_mm": 5, "material": "A36", "locating": true, "bolt_out": "in", "bolt_out_when": "ride"}
            tarn-4 | /axles/rear/mounts/upper frame left/bracket | {"form": "folded", "seat": {"tube_mm": 76, "along": "across", "clock_deg": 90, "distance_mm": 80}, "bend_radius_mm": 8, "k_factor": 0.4, "ears": {"gap_mm": 60, "thickness_mm": 6, "bolt_mm": 14, "hole_mm": 16}, "bolt": "across", "bolt_out": "out", "bolt_out_when": "wheels_off"}
            tarn-4 | /axles/rear/mounts/upper frame left/bracket | {"form": "ears", "seat": {"tube_mm": 76, "along": "along", "clock_deg": 90, "distance_mm": 80}, "bolt": "along", "bolt_out": "ahead"}
            tarn-4 | /axles/rear/mounts/upper frame left/bracket | {"form": "ears", "seat": {"tube_mm": 76, "along": "upright", "clock_deg": 90, "distance_mm": 80}, "bolt": "upright", "bolt_out": "behind"}
            tarn-4 | /axles/rear/mounts/upper frame left/bracket | {"form": "ears", "bolt_out": "up"}
            tarn-4 | /axles/rear/mounts/upper frame left/bracket | {"form": "ears", "bolt_out": "down"}
            tarn-4 | /axles/rear/mounts/upper frame left/bracket | {"form": "ears", "seat": {"face": "ahead", "distance_mm": 60}}
            tarn-4 | /axles/rear/mounts/upper frame left/bracket | {"form": "ears", "seat": {"face": "behind", "distance_mm": 60}}
            tarn-4 | /axles/rear/mounts/upper frame left/bracket | {"form": "ears", "seat": {"face": "out", "distance_mm": 60}}
            tarn-4 | /axles/rear/mounts/upper frame left/bracket | {"form": "ears", "seat": {"face": "in", "distance_mm": 60}}
            tarn-4 | /axles/rear/mounts/upper frame left/bracket | {"form": "ears", "seat": {"face": "down", "distance_mm": 60}}
            tarn-4 | /build/found/- | {"axle": "front", "mount": "lower frame right", "readings": []}
            tarn-4 | /build/issued | [{"part": "rear/a/ear", "number": "P1", "revision": "B", "hand": "left", "count": 2, "fingerprint": "0123abcd", "date": "2026-11-30"}, {"part": "rear/b/ear", "number": "P2", "revision": "A", "hand": "right", "count": 2, "fingerprint": "0123abcd", "date": "2026-11-30"}]
            tarn-4 | /build/purchases | [{"item": "jam nut 3/4-16 left", "rack": 3, "price": 1.25, "needed_by": "2027-03-15", "keeps_until": "2030-01-01"}]
            tarn-4 | /build/placing | {"tolerance_mm": 4, "hole_mm": 14, "bolt_mm": 13, "off_floor": true}
            tarn-4 | /build/axles/rear/driveline/joints | "one"
            tarn-4 | /build/axles/rear/housing/ends | "bearing_cup"
            tarn-4 | /build/axles/rear/housing/school | "brackets_first"
            tarn-4 | /build/axles/rear/housing/clocked/- | {"name": "knuckles", "kind": "knuckle", "at_ride_deg": 5}
            tarn-4 | /build/axles/rear/housing/dials/left/- | {"stage": "after", "way": "bar", "reach_mm": 100, "clock_mm": [0, 0.1, 0, 0.1]}
            tarn-4 | /build/axles/rear/housing/parts/- | {"name": "a", "mates_with": "", "bore_mm": 50, "fit": "press_in", "thread": "M12", "hand": "left"}
            tarn-4 | /build/axles/rear/housing/parts/- | {"name": "a", "mates_with": "", "bore_mm": 50, "fit": "press_over"}
            tarn-4 | /build/axles/rear/housing/parts/- | {"name": "a", "mates_with": "", "bore_mm": 50, "fit": "slip_in"}
            tarn-4 | /build/axles/rear/housing/parts/- | {"name": "a", "mates_with": "", "bore_mm": 50, "fit": "slip_over"}
            tarn-4 | /build/axles/rear/housing/parts/- | {"name": "a", "mates_with": "", "bore_mm": 50, "fit": "clear_in"}
            tarn-4 | /build/axles/rear/housing/parts/- | {"name": "a", "mates_with": "", "bore_mm": 50, "fit": "clear_over"}
            tarn-4 | /build/axles/rear/parts/- | {"name": "a", "body": "frame", "class": "fixed", "joined": ["tank"], "along": "ahead", "outline_mm": [0, 0, 100, 0, 0, 100], "from_mm": 0, "to_mm": 9}
            tarn-4 | /build/axles/rear/parts/- | {"name": "a", "body": "frame", "class": "service", "moment": "ride", "along": "left", "outline_mm": [0, 0, 100, 0, 0, 100], "from_mm": 0, "to_mm": 9}
            tarn-4 | /build/axles/rear/parts/- | {"name": "a", "body": "frame", "class": "service", "moment": "stands", "along": "left", "outline_mm": [0, 0, 100, 0, 0, 100], "from_mm": 0, "to_mm": 9}
            tarn-4 | /build/axles/rear/parts/- | {"name": "a", "body": "frame", "class": "service", "moment": "wheels_off", "along": "left", "outline_mm": [0, 0, 100, 0, 0, 100], "from_mm": 0, "to_mm": 9}
            tarn-4 | /build/survey/readings/- | {"kind": "height", "from": "horn left", "values_mm": [620], "instrument": "tape", "spread_mm": 2}
            tarn-4 | /build/survey/readings/- | {"kind": "height", "from": "horn left", "values_mm": [620], "instrument": "laser"}
            tarn-4 | /build/survey/readings/- | {"kind": "height", "from": "horn left", "values_mm": [620], "instrument": "caliper"}
            tarn-4 | /build/survey/readings/- | {"kind": "height", "from": "horn left", "values_mm": [620], "instrument": "level"}
            tarn-4 | /build/survey/readings/- | {"kind": "plumb", "from": "horn left", "to": "tail left", "values_mm": [], "instrument": "plumb_bob"}
            tarn-4 | /build/survey/readings/- | {"kind": "slope", "from": "horn left", "to": "tail left", "values_deg": [0.5], "instrument": "angle_finder", "spread_deg": 0.1}
            tarn-4 | /build/survey/readings/- | {"kind": "height", "from": "horn left", "values_mm": [620], "instrument": "scanner"}
            """;

    /** Words that are left out when a file is written, for they are what is meant where there is none. */
    private static final Set<String> LEFT_OUT = Set.of(
            "/$defs/built_axle/properties/driveline/properties/joints two",
            "/$defs/part/properties/moment ride",
            "/$defs/bracket/properties/bolt_out_when stands",
            "/$defs/readings/items/properties/instrument tape",
            "/$defs/readings/items/properties/instrument angle_finder",
            "/$defs/readings/items/properties/instrument plumb_bob",
            // Version 1 is opened and becomes version 2.
            "/properties/version 1");

    /** Keys and words that mean what leaving them out means. */
    private static final Set<String> USUAL = Set.of(
            "can_move true",
            "inboard_brakes false",
            "inboard_drive false",
            "joints \"two\"",
            "moment \"ride\"",
            "bolt_out_when \"stands\"",
            "shift_mm 0",
            "instrument \"tape\"",
            "instrument \"level\"",
            "camber_deg 0",
            "toe_deg 0",
            "phase_deg 0",
            "rear_drop_mm 0");

    @TempDir
    private Path folder;

    private JsonNode schema;

    @BeforeEach
    void readTheSchema() throws IOException {
        try (InputStream in = SchemaCheck.class.getResourceAsStream(SchemaCheck.SCHEMA)) {
            schema = new ObjectMapper().readTree(in);
        }
    }

    @Test
    void everythingThatTheSchemaKnowsIsWrittenAndComesBack() throws Exception {
        List<Vehicle> vehicles = new ArrayList<>(FilledVehicles.ofEveryType());
        vehicles.add(FilledVehicles.cycled());
        vehicles.add(FilledVehicles.onArms());
        vehicles.add(FilledVehicles.fromTheFloor());
        Examples.FILES.forEach(file -> vehicles.add(Examples.vehicle(file)));
        for (String line : RARE.lines().toList()) {
            vehicles.add(rare(line.split(" \\| ")));
        }
        Set<String> used = new TreeSet<>();
        Path file = folder.resolve("filled.palanca.json");
        for (Vehicle vehicle : vehicles) {
            VehicleFile.save(file, vehicle);
            String text = Files.readString(file);
            use(new ObjectMapper().readTree(text), "", used);
            VehicleFile.save(file, VehicleFile.open(file).vehicle());
            assertThat(Files.readString(file)).as(vehicle.name()).isEqualTo(text);
        }
        Set<String> known = new TreeSet<>();
        know("", known, new HashSet<>());
        known.removeAll(used);
        known.removeAll(LEFT_OUT);
        assertThat(known)
                .as("in the schema, written by nothing that is tested here")
                .isEmpty();
    }

    /** What has no meaning where it stands is refused or told: to drop it in silence would lose what somebody wrote. */
    @Test
    void whatTheSchemaLetsInIsKeptOrRefusedOrTold() throws Exception {
        ObjectMapper mapper = new ObjectMapper();
        Set<String> tried = new HashSet<>();
        Set<String> lost = new TreeSet<>();
        for (String example : Examples.FILES) {
            JsonNode root = mapper.readTree(Examples.text(example));
            List<Insertion> insertions = new ArrayList<>();
            insertions(root, "", "", insertions);
            for (Insertion one : insertions) {
                ObjectNode parent = (ObjectNode) root.at(one.parent());
                if (!tried.add(one.place() + one.value() + parent.path("kind").asText() + shape(parent))) {
                    continue;
                }
                parent.set(one.name(), one.value());
                Path file = Files.writeString(folder.resolve("more.palanca.json"), root.toString());
                parent.remove(one.name());
                try {
                    VehicleFile.Opened opened = VehicleFile.open(file);
                    boolean told = opened.warnings().stream()
                            .anyMatch(finding -> finding.place().equals(one.parent() + "/" + one.name()));
                    VehicleFile.save(file, opened.vehicle());
                    boolean kept = mapper.readTree(Files.readString(file))
                            .at(one.parent())
                            .has(one.name());
                    for (String name : (Iterable<String>) parent::fieldNames) {
                        assertThat(opened.warnings())
                                .as("with " + one)
                                .noneMatch(finding -> finding.place().equals(one.parent() + "/" + name)
                                        && finding.message().key().equals("file.unread_key"));
                    }
                    if (!kept) {
                        assertThat(opened.vehicle()).as("without " + one).isEqualTo(Examples.vehicle(example));
                    }
                    if (!kept && !told && !USUAL.contains(one.name() + " " + one.value())) {
                        lost.add(one.place() + " " + one.value() + " "
                                + parent.path("kind").asText());
                    }
                } catch (VehicleFileException refused) {
                    assertThat(refused.findings()).isNotEmpty();
                }
            }
        }
        assertThat(lost).isEmpty();
    }

    /** A property put into an object of a file. */
    private record Insertion(String parent, String name, String place, JsonNode value) {}

    private static String shape(JsonNode object) {
        List<String> names = new ArrayList<>();
        object.fieldNames().forEachRemaining(names::add);
        return names.size() > 12 ? "" : names.toString();
    }

    private void insertions(JsonNode value, String pointer, String place, List<Insertion> all) {
        for (String at : alternatives(place)) {
            if (value.isArray()) {
                for (int i = 0; i < value.size(); i++) {
                    insertions(value.get(i), pointer + "/" + i, at + "/items", all);
                }
            }
            value.fields()
                    .forEachRemaining(field -> property(at, field.getKey())
                            .ifPresent(
                                    next -> insertions(field.getValue(), pointer + "/" + field.getKey(), next, all)));
            if (value.isObject()) {
                schema.at(at).path("properties").fieldNames().forEachRemaining(name -> {
                    if (!value.has(name)) {
                        samples(at + "/properties/" + name)
                                .forEach(one -> all.add(new Insertion(pointer, name, at + "/properties/" + name, one)));
                    }
                });
            }
        }
    }

    private static JsonNode numbers() {
        ArrayNode numbers = new ObjectMapper().createArrayNode();
        for (int number : new int[] {0, 0, 0, 100, 0, 100}) {
            numbers.add(number);
        }
        return numbers;
    }

    /** Simple values that a place allows. */
    private List<JsonNode> samples(String place) {
        List<JsonNode> all = new ArrayList<>();
        for (String at : alternatives(place)) {
            JsonNode rules = schema.at(at);
            rules.path("enum").forEach(all::add);
            switch (rules.path("type").asText()) {
                case "number", "integer" -> {
                    all.add(IntNode.valueOf(0));
                    all.add(IntNode.valueOf(1));
                }
                case "boolean" -> {
                    all.add(BooleanNode.TRUE);
                    all.add(BooleanNode.FALSE);
                }
                case "array" -> all.add(numbers());
                case "string" -> all.add(TextNode.valueOf("x"));
                default -> {}
            }
        }
        return all;
    }

    private Vehicle rare(String[] edit) throws Exception {
        ObjectMapper mapper = new ObjectMapper();
        JsonNode root = mapper.readTree(Examples.text(edit[0] + ".palanca.json"));
        int cut = edit[1].lastIndexOf('/');
        JsonNode parent = root.at(edit[1].substring(0, cut));
        String name = edit[1].substring(cut + 1);
        JsonNode value = mapper.readTree(edit[2]);
        if (parent instanceof ArrayNode array) {
            array.add(value);
        } else {
            ((ObjectNode) parent).set(name, value);
        }
        Path file = folder.resolve("rare.palanca.json");
        Files.writeString(file, root.toString());
        try {
            return VehicleFile.open(file).vehicle();
        } catch (VehicleFileException e) {
            throw new AssertionError(String.join(" ", edit) + ": " + e.findings(), e);
        }
    }

    /** Where the schema states a value's own rules, references followed. */
    private String stated(String pointer) {
        String at = pointer;
        while (schema.at(at).has("$ref")) {
            at = schema.at(at).get("$ref").asText().substring(1);
        }
        return at;
    }

    /** Every place of the schema that goes on about the value of this one, itself first. */
    private List<String> alternatives(String pointer) {
        List<String> all = new ArrayList<>(List.of(stated(pointer)));
        for (int i = 0; i < all.size(); i++) {
            String at = all.get(i);
            for (String keyword : SAME_VALUE) {
                JsonNode next = schema.at(at).path(keyword);
                if (next.isArray()) {
                    for (int k = 0; k < next.size(); k++) {
                        all.add(stated(at + "/" + keyword + "/" + k));
                    }
                } else if (next.isObject()) {
                    all.add(stated(at + "/" + keyword));
                }
            }
        }
        return all;
    }

    private void use(JsonNode value, String pointer, Set<String> used) {
        for (String at : alternatives(pointer)) {
            if (schema.at(at).has("enum")) {
                used.add(at + " " + value.asText());
            }
            if (value.isArray()) {
                value.forEach(item -> use(item, at + "/items", used));
            }
            value.fields()
                    .forEachRemaining(field -> property(at, field.getKey()).ifPresent(place -> {
                        used.add(place);
                        use(field.getValue(), place, used);
                    }));
        }
    }

    /** Where a place of the schema states a property, by its own name or with all others. */
    private Optional<String> property(String at, String name) {
        if (schema.at(at).path("properties").has(name)) {
            return Optional.of(at + "/properties/" + name);
        }
        return schema.at(at).path("additionalProperties").isObject()
                ? Optional.of(at + "/additionalProperties")
                : Optional.empty();
    }

    private void know(String pointer, Set<String> known, Set<String> seen) {
        for (String at : alternatives(pointer)) {
            if (!seen.add(at)) {
                continue;
            }
            schema.at(at).path("enum").forEach(word -> known.add(at + " " + word.asText()));
            if (schema.at(at).has("items")) {
                know(at + "/items", known, seen);
            }
            List<String> places = new ArrayList<>();
            schema.at(at)
                    .path("properties")
                    .fieldNames()
                    .forEachRemaining(name -> places.add(at + "/properties/" + name));
            if (schema.at(at).path("additionalProperties").isObject()) {
                places.add(at + "/additionalProperties");
            }
            for (String place : places) {
                // A property that only an alternative names again, to say more of it, is stated elsewhere.
                if (!schema.at(place).isBoolean()) {
                    known.add(place);
                }
                know(place, known, seen);
            }
        }
    }
}
