package org.palanca.words;

import java.util.List;
import java.util.Optional;

/**
 * A sentence about something that was looked at.
 *
 * @param good whether it is as wanted
 * @param message what it says
 */
public record Said(boolean good, Message message) {
    /** The first that is not as wanted. */
    public static Optional<Said> worst(List<Said> all) {
        return all.stream().filter(one -> !one.good()).findFirst();
    }
}
