package org.palanca.io.csv;

import java.io.IOException;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
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

    private static final double SMALLEST = 1e-9;

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
        List<ShockSize> sizes = new ArrayList<>();
        for (CsvTable.Line line : CsvTable.read(text, "model", "model, collapsed_mm, extended_mm, body_mm")) {
            sizes.add(size(line));
        }
        if (sizes.isEmpty()) {
            throw new FileFormatException("shocks.none");
        }
        return sizes;
    }

    private static ShockSize size(CsvTable.Line line) throws FileFormatException {
        double collapsed = line.needed("collapsed", SMALLEST);
        double extended = line.needed("extended", SMALLEST);
        double body = line.needed("body", SMALLEST);
        String model = line.text("model");
        if (collapsed >= extended) {
            throw new FileFormatException(
                    "shocks.no_stroke", line.at(), model, Message.length(collapsed), Message.length(extended));
        }
        return new ShockSize(
                model,
                collapsed,
                extended,
                body,
                line.length("coil", SMALLEST).orElse(body),
                line.length("eye", SMALLEST).orElse(0));
    }
}
