package org.palanca.io.csv;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.palanca.base.units.Quantity;
import org.palanca.floor.cutting.EndCut;
import org.palanca.floor.cutting.LinkCut;
import org.palanca.floor.cutting.PunchMarks;
import org.palanca.floor.cutting.ThreadEngagement;
import org.palanca.floor.cutting.TubeCope;
import org.palanca.vehicle.hardware.PlugWelds;
import org.palanca.vehicle.hardware.Thread;

/** The links as they are cut, a row each, for a shop's own tables: lengths in mm, angles in degrees, both ends with a prefix. */
public final class LinkCsv {
    private static final String[] LINK = {
        "punch",
        "axle",
        "link",
        "pin_to_pin_mm",
        "tube_mm",
        "over_shoulders_mm",
        "saw_mm",
        "tube_outside_mm",
        "tube_wall_mm",
        "material",
        "decided",
        "turns_for_1_16_in",
        "bends",
        "faults"
    };

    private static final String[] END = {
        "mount",
        "body",
        "kind",
        "name",
        "thread",
        "hand",
        "thread_showing_mm",
        "jam_nut_mm",
        "engaged_set",
        "engaged_out",
        "engaged_in",
        "cope_sleeve_mm",
        "cope_angle_deg",
        "cope_depth_mm",
        "plug_hole_mm",
        "plug_first_mm",
        "plug_second_mm"
    };

    private LinkCsv() {}

    /**
     * Writes the table. Cells are empty where something is not known.
     *
     * @param paint on each surface [m], for what is wrong
     */
    public static void write(List<LinkCut> cuts, double paint, Appendable out) throws IOException {
        CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180);
        List<String> head = new ArrayList<>(List.of(LINK));
        for (String end : new String[] {"left_", "right_"}) {
            for (String column : END) {
                head.add(end + column);
            }
        }
        printer.printRecord(head);
        List<String> marks = PunchMarks.of(cuts);
        for (int i = 0; i < cuts.size(); i++) {
            LinkCut cut = cuts.get(i);
            List<String> row = new ArrayList<>();
            row.add(marks.get(i));
            row.add(cut.axle().place().id());
            row.add(cut.link().name());
            row.add(length(OptionalDouble.of(cut.pinToPin())));
            row.add(length(cut.tubeLength()));
            row.add(length(cut.overShoulders()));
            row.add(cut.makeable() ? length(cut.sawn()) : "");
            row.add(length(OptionalDouble.of(cut.tube().outside())));
            row.add(length(OptionalDouble.of(cut.tube().wall())));
            row.add(cut.tube().material());
            row.add(cut.undecided() ? "no" : "yes");
            row.add(number(cut.turnsForStep()));
            row.add(Integer.toString(cut.path().bends()));
            row.add(Integer.toString(cut.faults(paint).size()));
            end(row, cut, cut.from());
            end(row, cut, cut.to());
            printer.printRecord(row);
        }
        printer.flush();
    }

    private static void end(List<String> row, LinkCut cut, EndCut end) {
        Optional<PlugWelds> plugs = cut.plugs().filter(any -> end.shank().isPresent());
        Optional<TubeCope> cope = end.cope(cut.tube().outside());
        row.add(end.mount());
        row.add(cut.axle().mount(end.mount()).orElseThrow().body().id());
        row.add(end.end().kind().id());
        row.add(end.end().name());
        row.add(end.shank().flatMap(one -> one.thread()).map(Thread::text).orElse(""));
        row.add(end.shank().map(one -> one.hand().id()).orElse(""));
        row.add(length(end.shank().map(one -> one.exposed())));
        row.add(length(end.shank().map(one -> one.jamNut())));
        row.add(share(end.set()));
        row.add(share(end.out()));
        row.add(share(end.in()));
        row.add(length(cope.map(one -> 2 * one.other())));
        row.add(cope.map(one -> String.format(Locale.ROOT, "%.2f", Math.toDegrees(one.angle())))
                .orElse(""));
        row.add(length(cope.map(TubeCope::depth)));
        row.add(length(plugs.map(PlugWelds::hole)));
        row.add(length(plugs.map(PlugWelds::first)));
        row.add(length(plugs.map(PlugWelds::second)));
    }

    private static String length(Optional<Double> metres) {
        return length(metres.map(OptionalDouble::of).orElse(OptionalDouble.empty()));
    }

    private static String length(OptionalDouble metres) {
        return metres.isPresent()
                ? String.format(Locale.ROOT, "%.3f", Quantity.LENGTH.toFile(metres.getAsDouble()))
                : "";
    }

    private static String number(OptionalDouble value) {
        return value.isPresent() ? String.format(Locale.ROOT, "%.3f", value.getAsDouble()) : "";
    }

    private static String share(Optional<ThreadEngagement> engagement) {
        return engagement
                .map(one -> String.format(Locale.ROOT, "%.3f", one.share()))
                .orElse("");
    }
}
