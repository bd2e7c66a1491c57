package org.palanca.io.json;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.palanca.base.words.Message;
import org.palanca.vehicle.check.Finding;

/**
 * Keys of a file from which nothing was read, such as a second way to state where a mount is. They would be gone with the next
 * saving, so whoever wrote them is told.
 */
final class UnreadKeys {
    /** Left out when written where they say what is meant without them. */
    private static final Set<String> AS_USUAL = Set.of("can_move", "moment", "joints", "instrument");

    private final JsonPlaces places;
    private final List<Finding> findings = new ArrayList<>();

    private UnreadKeys(JsonPlaces places) {
        this.places = places;
    }

    /**
     * A warning for each.
     *
     * @param read the file as it stands
     * @param written what would be written of what was read
     */
    static List<Finding> of(JsonNode read, JsonNode written, JsonPlaces places) {
        UnreadKeys unread = new UnreadKeys(places);
        unread.compare(read, written, "");
        return unread.findings;
    }

    private void compare(JsonNode read, JsonNode written, String place) {
        read.properties().forEach(entry -> {
            JsonNode value = entry.getValue();
            String there = place + "/" + entry.getKey();
            if (written.has(entry.getKey())) {
                compare(value, written.path(entry.getKey()), there);
            } else if (says(entry.getKey(), value)) {
                String what = place.substring(place.lastIndexOf('/') + 1);
                findings.add(Finding.warning(there, Message.of("file.unread_key", entry.getKey(), what))
                        .onLine(places.line(there)));
            }
        });
        for (int i = 0; i < read.size() && read.get(i) != null && read.get(i).isObject(); i++) {
            compare(read.get(i), written.path(i), place + "/" + i);
        }
    }

    /** Whether a key says more than leaving it out does; groups and lists are left out where all in them is as usual, or nothing. */
    private static boolean says(String key, JsonNode value) {
        boolean nothing = value.isNumber() && value.asDouble() == 0 || value.isBoolean() && !value.asBoolean();
        return !value.isObject() && !(value.isArray() && value.isEmpty()) && !nothing && !AS_USUAL.contains(key);
    }
}
