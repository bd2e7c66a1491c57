package org.palanca.io.json;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonStreamContext;
import com.fasterxml.jackson.core.JsonToken;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Where in a JSON text each value stands, and which keys stand twice. */
final class JsonPlaces {
    private final Map<String, Integer> lines = new HashMap<>();
    private final List<Duplicate> duplicates = new ArrayList<>();

    /** A key that stands twice in one object. */
    record Duplicate(String pointer, int line, int firstLine) {}

    private JsonPlaces() {}

    /** Of what was never text: everything is on the first line. */
    static JsonPlaces none() {
        return new JsonPlaces();
    }

    /** Reads the text once through. Throws what Jackson throws on bad text. */
    static JsonPlaces of(byte[] text, JsonFactory factory) throws IOException {
        JsonPlaces places = new JsonPlaces();
        Set<String> keys = new HashSet<>();
        try (JsonParser parser = factory.createParser(text)) {
            for (JsonToken token = parser.nextToken(); token != null; token = parser.nextToken()) {
                String pointer = plain(parser.getParsingContext());
                int line = parser.currentTokenLocation().getLineNr();
                if (token == JsonToken.FIELD_NAME && !keys.add(pointer)) {
                    places.duplicates.add(new Duplicate(pointer, line, places.lines.getOrDefault(pointer, line)));
                }
                places.lines.putIfAbsent(pointer, line);
            }
        }
        return places;
    }

    private static String plain(JsonStreamContext context) {
        return context.pathAsPointer().toString().replace("~1", "/").replace("~0", "~");
    }

    /** Line of the value at a pointer, or of the nearest thing around it. */
    int line(String pointer) {
        String at = pointer;
        while (!lines.containsKey(at) && !at.isEmpty()) {
            at = at.substring(0, at.lastIndexOf('/'));
        }
        return lines.getOrDefault(at, 1);
    }

    List<Duplicate> duplicates() {
        return duplicates;
    }
}
