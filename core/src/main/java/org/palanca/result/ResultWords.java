package org.palanca.result;

import org.palanca.base.units.UnitStyle;
import org.palanca.base.units.UnitStyle.Text;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;

/** Results in words: their names, and their values as a person reads them. */
public final class ResultWords {
    /** A roll steer smaller than this is neither under- nor oversteer [%]. */
    private static final double NEUTRAL = 0.05;

    private ResultWords() {}

    /** The result's name. */
    public static String name(Result result, Words words) {
        return result.subject().isEmpty()
                ? words.text("result." + result.id())
                : words.text("result." + result.kind().id(), result.subject());
    }

    /** Why a builder looks at it, in a sentence. */
    public static String why(Result result, Words words) {
        return words.text("result." + result.kind().id() + ".why");
    }

    /** Number and unit as they are set side by side; roll steer shows its size and says which way in words. */
    public static Text value(Result result, Outcome outcome, Words words) {
        UnitStyle units = words.units();
        if (outcome instanceof Outcome.Unavailable) {
            return new Text("–", "");
        }
        if (outcome instanceof Outcome.AtInfinity far) {
            return new Text(far.signedDistance() < 0 ? "-∞" : "∞", units.unit(result.quantity()));
        }
        double value = ((Outcome.Value) outcome).value();
        if (result.kind() == ResultKind.ROLL_STEER) {
            Text size = units.format(Math.abs(value), result.quantity());
            return new Text(size.number(), size.unit() + " " + words.text(steerWord(value)));
        }
        return units.format(value, result.quantity());
    }

    private static String steerWord(double percent) {
        if (Math.abs(percent) < NEUTRAL) {
            return "result.neutral";
        }
        return percent > 0 ? "result.understeer" : "result.oversteer";
    }

    /** What else there is to say of an outcome: why it is missing, or where infinity lies; empty for a plain number. */
    public static String remark(Outcome outcome, Words words) {
        if (outcome instanceof Outcome.Unavailable none) {
            return words.text(none.why());
        }
        if (outcome instanceof Outcome.AtInfinity far) {
            return words.text("outcome.infinity", Message.angle(Math.atan(far.slope())));
        }
        return "";
    }
}
