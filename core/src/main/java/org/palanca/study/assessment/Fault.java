package org.palanca.study.assessment;

import java.util.Optional;
import org.palanca.base.words.Message;
import org.palanca.vehicle.AxlePlace;

/**
 * One thing that is not as wanted.
 *
 * @param step which step of the work finds it
 * @param axle of which axle; empty where it is of the whole vehicle
 * @param id tells it from the others of its step and axle, and is the same after a change
 * @param amount how bad it is [in widths of what is wanted, or inches]: it compares one fault before and after a change
 * @param said what it says
 */
public record Fault(Job step, Optional<AxlePlace> axle, String id, double amount, Message said) {
    /** Steps of the work that judge. */
    public enum Job {
        MEASURE,
        AXLE,
        HOUSING,
        LINKS,
        STEER,
        CYCLE,
        SHOCKS,
        SHAFT,
        PLACE,
        CUTLIST,
        BRACKETS
    }

    /** Whether another one is the same fault. */
    boolean same(Fault other) {
        return step == other.step && axle.equals(other.axle) && id.equals(other.id);
    }

    /** What a sentence is about: its key and the names in it, without its numbers, which a change may change. */
    static String about(Message said) {
        StringBuilder about = new StringBuilder(said.key());
        for (Object argument : said.arguments()) {
            if (argument instanceof Message inner) {
                about.append(' ').append(about(inner));
            } else if (argument instanceof String name) {
                about.append(' ').append(name);
            }
        }
        return about.toString();
    }
}
