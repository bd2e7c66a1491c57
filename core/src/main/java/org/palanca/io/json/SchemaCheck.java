package org.palanca.io.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.networknt.schema.Error;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.palanca.base.words.Message;
import org.palanca.vehicle.check.Finding;
import org.palanca.vehicle.check.NearestName;

/** Holds a file against the published schema and puts what is wrong into the trade's words. */
final class SchemaCheck {
    /** Where the schema stands on the class path, beside this class. */
    static final String SCHEMA = "vehicle-2.schema.json";

    private static final Schema VEHICLE = load();

    private SchemaCheck() {}

    private static Schema load() {
        try (InputStream in = SchemaCheck.class.getResourceAsStream(SCHEMA)) {
            return SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                    .getSchema(in);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * Everything the schema objects to, with its line.
     *
     * @param tolerant whether unknown keys pass, as in a newer version's file
     */
    static List<Finding> findings(JsonNode root, JsonPlaces places, boolean tolerant) {
        Set<Finding> findings = new LinkedHashSet<>();
        for (Error error : VEHICLE.validate(root)) {
            String pointer =
                    error.getInstanceLocation().toString().replace("~1", "/").replace("~0", "~");
            boolean version = pointer.equals("/version");
            if (tolerant && (version || unknownKey(error))) {
                continue;
            }
            if (insideChoice(error)) {
                continue;
            }
            Message message = message(error, last(pointer));
            String place = unknownKey(error) ? pointer + "/" + error.getProperty() : pointer;
            findings.add(Finding.error(place.isEmpty() ? "/" : place, message).onLine(places.line(place)));
        }
        return new ArrayList<>(findings);
    }

    private static boolean unknownKey(Error error) {
        return error.getKeyword().equals("additionalProperties")
                || error.getKeyword().equals("unevaluatedProperties");
    }

    /** The branches of a choice each complain; the choice itself is what is said. */
    private static boolean insideChoice(Error error) {
        return error.getEvaluationPath().toString().contains("/oneOf/");
    }

    private static Message message(Error error, String key) {
        JsonNode value = error.getInstanceNode();
        String found = value == null || value.isContainerNode() ? key : shortened(value.toString());
        return switch (error.getKeyword()) {
            case "additionalProperties", "unevaluatedProperties" ->
                Message.of("schema.unknown_key", error.getProperty(), nearestKey(error), key.isEmpty() ? "/" : key);
            case "required" -> Message.of("schema.missing", error.getProperty(), key.isEmpty() ? "/" : key);
            case "oneOf" -> Message.of(choice(error.getInstanceLocation().toString()), key);
            case "enum", "const" -> Message.of("schema.not_one_of", key, found, allowed(error));
            case "type" ->
                Message.of(
                        "schema.wrong_type",
                        key,
                        found,
                        String.valueOf(error.getSchemaNode().asText()));
            case "minimum", "maximum", "exclusiveMinimum", "exclusiveMaximum" ->
                Message.of(
                        "schema.out_of_range",
                        key,
                        found,
                        Message.of(
                                "schema." + error.getKeyword(),
                                error.getSchemaNode().asText()));
            case "pattern" -> Message.of(pattern(key), key, found);
            default -> Message.of("schema.other", key, found, error.getMessage());
        };
    }

    /** What a text in a fixed form must look like. */
    private static String pattern(String key) {
        return key.equals("thread") ? "schema.thread" : "schema.date";
    }

    /** What is said where one of several forms is wanted: by the group the thing stands in. */
    private static String choice(String pointer) {
        if (pointer.contains("/joints/")) {
            return "schema.joint_forms";
        }
        if (pointer.contains("/parts/")) {
            return "schema.part_forms";
        }
        return pointer.endsWith("/steering") ? "schema.steering_forms" : "schema.mount_forms";
    }

    private static String shortened(String text) {
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }

    private static String allowed(Error error) {
        JsonNode node = error.getSchemaNode();
        if (!node.isArray()) {
            return node.asText();
        }
        List<String> names = new ArrayList<>();
        node.forEach(item -> names.add(item.asText()));
        return String.join(", ", names);
    }

    /** Of the keys that may stand there; of all there are, where that is not told. The key itself is right somewhere else. */
    private static String nearestKey(Error error) {
        JsonNode schema = VEHICLE.getSchemaNode();
        String at = error.getSchemaLocation().getFragment().toString();
        List<String> known = new ArrayList<>();
        schema.at(at.substring(0, at.lastIndexOf('/')))
                .path("properties")
                .fieldNames()
                .forEachRemaining(known::add);
        if (known.isEmpty()) {
            collect(schema, known);
            known.removeIf(error.getProperty()::equals);
        }
        return NearestName.of(error.getProperty(), known);
    }

    private static void collect(JsonNode node, List<String> known) {
        for (Iterator<String> names = node.path("properties").fieldNames(); names.hasNext(); ) {
            known.add(names.next());
        }
        node.forEach(child -> collect(child, known));
    }

    private static String last(String pointer) {
        return pointer.substring(pointer.lastIndexOf('/') + 1);
    }
}
