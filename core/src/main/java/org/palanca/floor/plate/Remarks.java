package org.palanca.floor.plate;

import java.util.ArrayList;
import java.util.List;
import org.palanca.base.words.Message;

/** What there is to say of a bracket while it is made; nothing is said twice. */
final class Remarks {
    private final List<Message> missing = new ArrayList<>();
    private final List<Message> faults = new ArrayList<>();
    private final List<Message> notes = new ArrayList<>();

    void missing(Message message) {
        add(message, missing);
    }

    void fault(Message message) {
        add(message, faults);
    }

    void note(Message message) {
        add(message, notes);
    }

    private static void add(Message message, List<Message> to) {
        if (!to.contains(message)) {
            to.add(message);
        }
    }

    List<Message> missing() {
        return missing;
    }

    List<Message> faults() {
        return faults;
    }

    List<Message> notes() {
        return notes;
    }
}
