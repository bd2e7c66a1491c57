package org.palanca.base.words;

import java.util.List;
import java.util.Optional;

/**
 * A sentence about something that was looked at.
 *
 * @param good whether it is as wanted
 * @param message what it says
 * @param about what it is about, the same whether it is good or not and however bad
 * @param lacks how bad it is where it is not good, to compare it before and after a change; 0 where it is good
 */
public record Verdict(boolean good, Message message, String about, double lacks) {
    /** A sentence about something that is good or not, without degrees. */
    public Verdict(boolean good, Message message) {
        this(good, message, message.key(), good ? 0 : 1);
    }

    /** A sentence about something that lacks so much where it is not good. */
    public static Verdict lacking(boolean good, double lacks, String about, Message message) {
        return new Verdict(good, message, about, good ? 0 : Math.abs(lacks));
    }

    /** The first that is not as wanted. */
    public static Optional<Verdict> worst(List<Verdict> all) {
        return all.stream().filter(one -> !one.good()).findFirst();
    }
}
