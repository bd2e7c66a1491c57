package org.palanca.io.csv;

import java.io.IOException;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.palanca.base.words.Words;
import org.palanca.floor.bill.BillLine;
import org.palanca.floor.bill.BillOfMaterials;
import org.palanca.io.FileFormatException;
import org.palanca.vehicle.work.Purchase;

/**
 * The bill of materials as a table: what a shop fills in there, {@code rack}, {@code price}, {@code needed_by} and
 * {@code keeps_until}, is read back by its {@code item}.
 */
public final class BillCsv {
    private static final String WANTED = "item, rack, price, needed_by, keeps_until";

    private BillCsv() {}

    public static void write(BillOfMaterials bill, Words words, Appendable out) throws IOException {
        CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180);
        printer.printRecord(
                "item",
                "kind",
                "what",
                "takes",
                "spare",
                "rack",
                "to_buy",
                "price",
                "cost",
                "needed_by",
                "keeps_until",
                "mass_kg");
        for (BillLine line : bill.lines()) {
            Purchase own = line.own();
            printer.printRecord(
                    line.item(),
                    line.kind().id(),
                    words.text(line.what()),
                    line.count(),
                    line.spare(),
                    own.rack(),
                    line.toBuy(),
                    money(own.price()),
                    money(line.cost()),
                    day(own.neededBy()),
                    day(own.keepsUntil()),
                    line.mass().isPresent()
                            ? String.format(Locale.ROOT, "%.3f", line.mass().getAsDouble())
                            : "");
        }
        // What the vehicle takes none of today is not forgotten by the way there and back.
        for (Purchase own : bill.idle()) {
            printer.printRecord(
                    own.item(),
                    "",
                    own.item(),
                    0,
                    0,
                    own.rack(),
                    0,
                    money(own.price()),
                    "",
                    day(own.neededBy()),
                    day(own.keepsUntil()),
                    "");
        }
        printer.flush();
    }

    private static String day(Optional<LocalDate> date) {
        return date.map(LocalDate::toString).orElse("");
    }

    private static String money(OptionalDouble amount) {
        return amount.isPresent() ? String.format(Locale.ROOT, "%.2f", amount.getAsDouble()) : "";
    }

    /**
     * Reads what was filled in. Lines of which nothing is known are left out.
     *
     * @throws FileFormatException naming the line, the column and what is wrong
     */
    public static List<Purchase> read(String text) throws FileFormatException {
        List<Purchase> all = new ArrayList<>();
        Set<String> items = new HashSet<>();
        for (CsvTable.Line line : CsvTable.read(text, "item", WANTED)) {
            String item = line.text("item");
            if (item.isEmpty()) {
                throw new FileFormatException("table.missing", line.at(), "item");
            }
            if (item.length() > Purchase.LONGEST) {
                throw new FileFormatException("bill.long", line.at(), Integer.toString(Purchase.LONGEST));
            }
            if (!items.add(item)) {
                throw new FileFormatException("bill.twice", line.at(), item);
            }
            Purchase read =
                    new Purchase(item, rack(line), price(line), date(line, "needed_by"), date(line, "keeps_until"));
            if (!read.equals(Purchase.blank(item))) {
                all.add(read);
            }
        }
        return all;
    }

    private static int rack(CsvTable.Line line) throws FileFormatException {
        String text = line.text("rack");
        if (text.isEmpty()) {
            return 0;
        }
        if (!text.matches("\\d{1,5}")) {
            throw new FileFormatException("bill.rack", line.at(), text);
        }
        return Integer.parseInt(text);
    }

    private static OptionalDouble price(CsvTable.Line line) throws FileFormatException {
        String text = line.text("price");
        if (text.isEmpty()) {
            return OptionalDouble.empty();
        }
        if (!text.matches("\\d{1,9}(\\.\\d{1,4})?")) {
            throw new FileFormatException("bill.price", line.at(), text);
        }
        return OptionalDouble.of(Double.parseDouble(text));
    }

    private static Optional<LocalDate> date(CsvTable.Line line, String column) throws FileFormatException {
        String text = line.text(column);
        if (text.isEmpty()) {
            return Optional.empty();
        }
        try {
            return Optional.of(LocalDate.parse(text));
        } catch (DateTimeException e) {
            throw new FileFormatException("bill.date", line.at(), column, text);
        }
    }
}
