package org.palanca.vehicle.check;

import org.palanca.base.words.Message;

/**
 * One thing wrong or doubtful in a description.
 *
 * @param severity whether results can be had at all
 * @param place where, as a JSON pointer into the vehicle file, such as {@code /axles/rear/links/upper left}
 * @param line line of the file, counted from 1, or 0 where it is not from a file or not known
 * @param message what, by how much, and what to try
 */
public record Finding(Severity severity, String place, int line, Message message) {
    /** How bad it is. */
    public enum Severity {
        /** No results can be had. */
        ERROR,
        /** Results can be had, but something is probably not as meant. */
        WARNING
    }

    public static Finding error(String place, Message message) {
        return new Finding(Severity.ERROR, place, 0, message);
    }

    public static Finding warning(String place, Message message) {
        return new Finding(Severity.WARNING, place, 0, message);
    }

    /** The same finding with its line. */
    public Finding onLine(int number) {
        return new Finding(severity, place, number, message);
    }
}
