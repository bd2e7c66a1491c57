package org.palanca.floor.plate;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Vehicle;

/**
 * What the printed code of a plate says, in the order it is written with semicolons between.
 *
 * @param mark number, hand and revision
 * @param count how many
 * @param fingerprint of its shape
 * @param vehicle its name
 */
public record PlateCode(String mark, int count, String fingerprint, String vehicle) {
    private static final String BEGINS = "palanca";
    private static final int FIELDS = 5;

    public static PlateCode of(Plate plate, Vehicle vehicle) {
        return new PlateCode(plate.mark(), plate.count(), plate.fingerprint(), vehicle.name());
    }

    /** As it is coded. */
    public String text() {
        return String.join(";", BEGINS, mark, Integer.toString(count), fingerprint, vehicle);
    }

    /** What a code says; empty where it is none of ours. */
    public static Optional<PlateCode> parse(String text) {
        String[] fields = text.split(";", FIELDS);
        if (fields.length < FIELDS || !fields[0].equals(BEGINS) || !fields[2].matches("\\d{1,6}")) {
            return Optional.empty();
        }
        return Optional.of(new PlateCode(fields[1], Integer.parseInt(fields[2]), fields[3], fields[4]));
    }

    /** Whether a plate may be cut by the page that this code stands on. */
    public Message said(Vehicle of, List<Plate> plates) {
        if (!vehicle.equals(of.name())) {
            return Message.of("plate.code_other", mark, vehicle, of.name());
        }
        if (holds(of, plates)) {
            return Message.of("plate.code_holds", mark, Integer.toString(count));
        }
        if (plates.stream().anyMatch(plate -> plate.mark().equals(mark) && plate.count() == count)) {
            return Message.of("plate.code_shape", mark, Integer.toString(count));
        }
        String number = mark.split("[- ]", 2)[0];
        String today = plates.stream()
                .filter(plate -> plate.number().equals(number))
                .map(plate -> plate.mark() + " × " + plate.count())
                .collect(Collectors.joining(", "));
        return today.isEmpty()
                ? Message.of("plate.code_gone", mark)
                : Message.of("plate.code_old", mark, Integer.toString(count), today);
    }

    /** Whether the vehicle takes that plate today as it was when its page was printed. */
    public boolean holds(Vehicle of, List<Plate> plates) {
        return vehicle.equals(of.name())
                && plates.stream()
                        .anyMatch(plate -> plate.fingerprint().equals(fingerprint)
                                && plate.mark().equals(mark)
                                && plate.count() == count);
    }
}
