package org.palanca.io.sheet;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import org.palanca.base.units.Quantity;
import org.palanca.base.units.ReadingLimits;
import org.palanca.base.words.Words;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.targets.Scorecard;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/**
 * What every sheet says of itself, and how it writes numbers.
 *
 * @param vehicle whose sheet it is
 * @param fileName the file it was made from
 * @param date when
 * @param words in the reader's language and units
 */
public record SheetHead(Vehicle vehicle, String fileName, LocalDate date, Words words) {
    private static final int MARK_LENGTH = 8;

    /** Height of the line that says what misses its target. */
    private static final double MISSED = 18;

    /** An amount does not break over a line, whoever prints it. */
    public SheetHead {
        words = words.unbroken();
    }

    static final double TITLE = 24;
    static final double SMALL = 8.5;

    /** Writes title, file, date, revision and a mark of the contents; gives the base line of what follows. */
    double draw(Page page, String title, String under, String contents) {
        double y = Page.MARGIN + 18;
        page.textWithin(title, Page.MARGIN, y, TITLE, true, Page.RIGHT - Page.MARGIN);
        y += 16;
        page.textWithin(under, Page.MARGIN, y, 12, false, Page.RIGHT - Page.MARGIN);
        y += 13;
        page.marked(mark(contents));
        String line = String.join(
                "   ",
                words.text("sheet.revision", Integer.toString(vehicle.revision())),
                words.text("sheet.date", date.toString()),
                words.text("sheet.mark", page.mark()),
                words.text("sheet.file", fileName));
        page.textWithin(line, Page.MARGIN, y, SMALL, false, Page.RIGHT - Page.MARGIN);
        page.rule(y + 5);
        return y + 8;
    }

    /** As {@link #draw}, and what of the plan is out of its target range: who cuts by the sheet must know. */
    double judged(Page page, String title, String under, String contents) {
        String missed = missed();
        double y = draw(page, title, under, contents + missed);
        if (missed.isEmpty()) {
            return y;
        }
        page.textWithin(missed, Page.MARGIN, y + MISSED - 6, 10, true, Page.RIGHT - Page.MARGIN);
        return y + MISSED;
    }

    /** What misses its target, the worst first, the others counted; empty text where nothing does. */
    private String missed() {
        record Missed(AxlePlace axle, Scorecard.Mark mark) {}
        List<Missed> out = vehicle.axles().stream()
                .flatMap(axle -> Scorecard.of(new AxleModel(vehicle, axle.place())).marks().stream()
                        .filter(mark -> mark.distance() != 0)
                        .map(mark -> new Missed(axle.place(), mark)))
                .sorted(Comparator.comparingDouble((Missed one) -> one.mark().severity())
                        .reversed())
                .toList();
        if (out.isEmpty()) {
            return "";
        }
        String worst = words.text(out.get(0).mark().said());
        String axle = text("axle." + out.get(0).axle().id());
        return out.size() == 1
                ? text("sheet.missed", axle, worst)
                : text("sheet.missed_more", axle, worst, Integer.toString(out.size() - 1));
    }

    /** Writes the caution of the work that the sheet is for, and the one that every sheet has, at the foot. */
    void foot(Page page, String work) {
        page.rule(Page.HEIGHT - Page.MARGIN - 37);
        page.textWithin(
                words.text("sheet.caution." + work),
                Page.MARGIN,
                Page.HEIGHT - Page.MARGIN - 26,
                SMALL - 0.5,
                true,
                Page.RIGHT - Page.MARGIN);
        page.paragraph(
                words.text("sheet.caution"),
                Page.MARGIN,
                Page.HEIGHT - Page.MARGIN - 15,
                SMALL - 0.5,
                true,
                Page.RIGHT - Page.MARGIN);
    }

    /** Eight letters that change when anything the sheet tells does. */
    private String mark(String contents) {
        try {
            String all = vehicle.name() + vehicle.revision() + contents;
            byte[] digest = MessageDigest.getInstance("SHA-256").digest(all.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest).substring(0, MARK_LENGTH);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    String text(String key, Object... arguments) {
        return words.text(key, arguments);
    }

    /** A length in the reader's units. */
    String length(double metres) {
        return words.units().text(metres, Quantity.LENGTH);
    }

    /** A small length. */
    String fine(double metres) {
        return words.units().fine(metres);
    }

    /** An angle in degrees. */
    String angle(double radians) {
        return words.units().text(radians, Quantity.ANGLE);
    }

    /** What a tape must show [m], and how far off that it may be. */
    ReadingLimits limits(double exact, double allowed) {
        return words.units().limits(exact, allowed);
    }
}
