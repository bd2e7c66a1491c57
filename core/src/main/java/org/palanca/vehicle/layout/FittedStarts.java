package org.palanca.vehicle.layout;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Use;

/**
 * How far the mounts of each starting point are from where its proportions alone would put them, so that it lies within the
 * targets of its use and clears itself. Worked out for a wheelbase of 106 in and ordinary tyres, and kept as a table: a start
 * must be there at once. A test works it out anew and holds every start against its targets.
 */
final class FittedStarts {
    private static final String TABLE = "starts.csv";

    private static final Map<String, Map<String, LinkageBuilder.Spot>> ALL = read();

    private FittedStarts() {}

    /** By how much each mount of an axle was moved, by its name; those that are not named were not. */
    static Map<String, LinkageBuilder.Spot> of(Use use, AxlePlace place, StarterLayout layout) {
        return ALL.getOrDefault(
                key(use.id(), place.id(), layout.type().id(), layout.steering().id()), Map.of());
    }

    private static String key(String use, String place, String type, String steering) {
        return use + "/" + place + "/" + type + "/" + steering;
    }

    private static Map<String, Map<String, LinkageBuilder.Spot>> read() {
        Map<String, Map<String, LinkageBuilder.Spot>> all = new HashMap<>();
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get();
        try (Reader reader =
                new InputStreamReader(FittedStarts.class.getResourceAsStream(TABLE), StandardCharsets.UTF_8)) {
            for (CSVRecord row : format.parse(reader)) {
                String key = key(row.get("use"), row.get("place"), row.get("type"), row.get("steering"));
                all.computeIfAbsent(key, any -> new HashMap<>())
                        .put(
                                row.get("mount"),
                                new LinkageBuilder.Spot(
                                        Double.parseDouble(row.get("in")),
                                        Double.parseDouble(row.get("out")),
                                        Double.parseDouble(row.get("up"))));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return all;
    }
}
