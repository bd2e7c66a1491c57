package org.palanca.io.csv;

import java.io.IOException;
import java.io.StringReader;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.io.FileFormatException;
import org.palanca.vehicle.springing.ShockSize;

/**
 * A catalogue of shocks as a table. Columns by their heading, in any order: {@code model}, and {@code collapsed_mm}, {@code
 * extended_mm}, {@code body_mm}; {@code coil_mm} and {@code eye_mm} if there. A heading may end in {@code _in} instead.
 */
public final class ShockCsv {
    private static final String[] COLUMNS = {"model", "collapsed_mm", "extended_mm", "body_mm", "coil_mm", "eye_mm"};

    private ShockCsv() {}

    /** The table's text. */
    public static String text(List<ShockSize> sizes) {
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(
                out,
                CSVFormat.DEFAULT
                        .builder()
                        .setHeader(COLUMNS)
                        .setRecordSeparator("\n")
                        .get())) {
            for (ShockSize size : sizes) {
                printer.printRecord(
                        size.model(),
                        millimetres(size.collapsed()),
                        millimetres(size.extended()),
                        millimetres(size.body()),
                        millimetres(size.coil()),
                        millimetres(size.eye()));
            }
        } catch (IOException e) {
            throw new IllegalStateException("a text takes all that is written", e);
        }
        return out.toString();
    }

    private static String millimetres(double metres) {
        return String.format(Locale.ROOT, "%.3f", Quantity.LENGTH.toFile(metres))
                .replaceAll("0+$", "")
                .replaceAll("\\.$", "");
    }

    /**
     * Reads a table.
     *
     * @throws FileFormatException naming the line, the column and what is wrong
     */
    public static List<ShockSize> read(String text) throws FileFormatException {
        CSVFormat format = CSVFormat.DEFAULT
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .setIgnoreHeaderCase(true)
                .setTrim(true)
                .setIgnoreEmptyLines(true)
                .get();
        List<ShockSize> sizes = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(new StringReader(text.replace("\uFEFF", "")), format)) {
            if (!parser.getHeaderNames().stream().anyMatch("model"::equalsIgnoreCase)) {
                throw new FileFormatException("shocks.column", "model");
            }
            for (CSVRecord line : parser) {
                sizes.add(size(line, Long.toString(parser.getCurrentLineNumber())));
            }
        } catch (IOException | IllegalArgumentException e) {
            throw new FileFormatException("points.csv", String.valueOf(e.getMessage()));
        }
        if (sizes.isEmpty()) {
            throw new FileFormatException("shocks.none");
        }
        return sizes;
    }

    private static ShockSize size(CSVRecord line, String at) throws FileFormatException {
        double collapsed = length(line, "collapsed", at, Double.NaN);
        double extended = length(line, "extended", at, Double.NaN);
        double body = length(line, "body", at, Double.NaN);
        String model = line.isSet("model") ? line.get("model") : "";
        if (collapsed >= extended) {
            throw new FileFormatException(
                    "shocks.no_stroke", at, model, Message.length(collapsed), Message.length(extended));
        }
        return new ShockSize(
                model, collapsed, extended, body, length(line, "coil", at, body), length(line, "eye", at, 0));
    }

    private static double length(CSVRecord line, String column, String at, double missing) throws FileFormatException {
        for (String unit : new String[] {"_mm", "_in"}) {
            String name = column + unit;
            if (!line.isMapped(name) || !line.isSet(name) || line.get(name).isBlank()) {
                continue;
            }
            try {
                double number = Double.parseDouble(line.get(name));
                if (number > 0 && Double.isFinite(number)) {
                    return Quantity.LENGTH.onGrid(unit.equals("_mm") ? number / 1000 : Lengths.inches(number));
                }
            } catch (NumberFormatException e) {
                // Said below.
            }
            throw new FileFormatException("shocks.number", at, name, line.get(name));
        }
        if (Double.isNaN(missing)) {
            throw new FileFormatException("shocks.missing", at, column + "_mm");
        }
        return missing;
    }
}
