package org.palanca.io.json;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import org.palanca.base.words.Message;
import org.palanca.vehicle.check.Finding;

/**
 * Keys of a file from which nothing was read, such as a second way to state where a mount is. They would be gone with the next
 * saving, so whoever wrote them is told.
 */
final class UnreadKeys {
    private final JsonPlaces places;
    private final List<Finding> findings = new ArrayList<>();

    UnreadKeys(JsonPlaces places) {
        this.places = places;
    }

    /** Takes down what of a thing's keys was not among those that were read. */
    void report(Found thing, Set<String> read) {
        thing.node().fieldNames().forEachRemaining(key -> {
            if (!read.contains(key)) {
                String there = thing.pointer() + "/" + key;
                String what = thing.pointer().substring(thing.pointer().lastIndexOf('/') + 1);
                findings.add(Finding.warning(there, Message.of("file.unread_key", key, what))
                        .onLine(places.line(there)));
            }
        });
    }

    /** A warning for each, as they come in the file. */
    List<Finding> findings() {
        List<Finding> inOrder = new ArrayList<>(findings);
        inOrder.sort(Comparator.comparingInt(Finding::line));
        return inOrder;
    }
}
