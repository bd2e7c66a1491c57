package org.palanca.io.csv;

import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.base.units.UnitStyle;
import org.palanca.io.FileFormatException;

/** A table with headings, read line by line; whatever is wrong is told by its line and column. */
final class CsvTable {
    private CsvTable() {}

    /**
     * One line.
     *
     * @param at its number in the file
     */
    record Line(CSVRecord cells, String at) {
        /** What stands in a column, without blanks round it; empty text where there is no such column. */
        String text(String column) {
            return cells.isMapped(column) && cells.isSet(column)
                    ? cells.get(column).strip()
                    : "";
        }

        /**
         * A length [m], of a column whose heading ends in {@code _mm} or {@code _in}; empty where nothing stands there.
         *
         * @param least it may be [m]
         */
        OptionalDouble length(String column, double least) throws FileFormatException {
            for (String unit : new String[] {"_mm", "_in"}) {
                String text = text(column + unit);
                if (!text.isEmpty()) {
                    double number = number(column + unit, text, "table.number");
                    double metres = unit.equals("_mm") ? number / 1000 : Lengths.inches(number);
                    if (metres >= least) {
                        return OptionalDouble.of(Quantity.LENGTH.onGrid(metres));
                    }
                    throw new FileFormatException("table.number", at, column + unit, text);
                }
            }
            return OptionalDouble.empty();
        }

        /** A length that has to be there [m]. */
        double needed(String column, double least) throws FileFormatException {
            OptionalDouble length = length(column, least);
            if (length.isEmpty()) {
                throw new FileFormatException("table.missing", at, column + "_mm");
            }
            return length.getAsDouble();
        }

        /** An angle that something may lean by [rad], of a column in degrees; empty where nothing stands there. */
        OptionalDouble lean(String column) throws FileFormatException {
            String text = text(column);
            if (text.isEmpty()) {
                return OptionalDouble.empty();
            }
            double degrees = number(column, text, "table.angle");
            if (degrees > 0 && degrees <= 90) {
                return OptionalDouble.of(Quantity.ANGLE.fromFile(degrees));
            }
            throw new FileFormatException("table.angle", at, column, text);
        }

        /** A stress [Pa], of a column whose heading ends in {@code _mpa} or {@code _ksi}; empty where nothing stands there. */
        OptionalDouble stress(String column) throws FileFormatException {
            for (String unit : new String[] {"_mpa", "_ksi"}) {
                String text = text(column + unit);
                if (!text.isEmpty()) {
                    double number = number(column + unit, text, "table.number");
                    if (number > 0) {
                        double pascals = number * (unit.equals("_mpa") ? 1e6 : 1e3 * UnitStyle.PSI);
                        return OptionalDouble.of(Quantity.STRESS.onGrid(pascals));
                    }
                    throw new FileFormatException("table.number", at, column + unit, text);
                }
            }
            return OptionalDouble.empty();
        }

        private double number(String column, String text, String complaint) throws FileFormatException {
            try {
                double number = Double.parseDouble(text);
                if (Double.isFinite(number)) {
                    return number;
                }
            } catch (NumberFormatException e) {
                // Said below.
            }
            throw new FileFormatException(complaint, at, column, text);
        }
    }

    /**
     * Reads a table.
     *
     * @param first a heading that must be there
     * @param wanted all that are, as they are told where that one is not
     * @throws FileFormatException where it is no such table
     */
    static List<Line> read(String text, String first, String wanted) throws FileFormatException {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .setIgnoreEmptyLines(true)
                .get();
        List<Line> lines = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(new StringReader(text.replace("\uFEFF", "")), format)) {
            if (!parser.getHeaderNames().stream().anyMatch(first::equalsIgnoreCase)) {
                throw new FileFormatException("table.column", first, wanted);
            }
            for (CSVRecord line : parser) {
                lines.add(new Line(line, Long.toString(parser.getCurrentLineNumber())));
            }
        } catch (IOException | IllegalArgumentException e) {
            throw new FileFormatException("points.csv", String.valueOf(e.getMessage()));
        }
        return lines;
    }
}
