package org.palanca.cli.print;

import java.util.Locale;
import org.palanca.base.units.UnitStyle;
import org.palanca.base.words.Words;
import org.palanca.vehicle.check.Finding;

/** The words of the command line. */
public final class CliWords {
    private CliWords() {}

    /** The core's words and the command line's own, in a style of units. */
    public static Words load(UnitStyle units) {
        return Words.load(Locale.getDefault(), units, "org.palanca.cli.cli");
    }

    /** A finding on one line: where, how bad, what. */
    public static String line(Finding finding, Words words) {
        String severity = words.text("severity." + finding.severity());
        String line = finding.line() > 0 ? words.text("on_line", Integer.toString(finding.line())) + " " : "";
        return line + finding.place() + ": " + severity + ": " + words.text(finding.message());
    }
}
