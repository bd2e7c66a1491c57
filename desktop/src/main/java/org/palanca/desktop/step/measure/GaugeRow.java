package org.palanca.desktop.step.measure;

import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import org.jspecify.annotations.Nullable;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.InstrumentRow;
import org.palanca.floor.instrument.InstrumentLine;
import org.palanca.floor.instrument.SimulatedInstrument;

/** Listens to an angle gauge or a laser and hands a steady reading over; ships with two to try it with. */
final class GaugeRow extends InstrumentRow {
    private final BiConsumer<InstrumentLine.Kind, Double> take;
    private final Button tryAngle;
    private final Button tryLaser;
    private @Nullable InstrumentLine last;

    /** @param take is handed a steady value [rad or m] when the user takes it */
    GaugeRow(Supplier<Words> words, Consumer<String> complain, BiConsumer<InstrumentLine.Kind, Double> take) {
        super("gauge", "gauge.listen", "7710", words, complain);
        this.take = take;
        tryAngle = attempt("gauge-try-angle", () -> simulate(InstrumentLine.Kind.ANGLE, Math.toRadians(4.7)));
        tryLaser = attempt("gauge-try-laser", () -> simulate(InstrumentLine.Kind.DISTANCE, 1.2345));
        relabel();
    }

    private void simulate(InstrumentLine.Kind kind, double truth) {
        simulate(() -> new SimulatedInstrument(kind, 0, truth, 100, System.nanoTime()));
    }

    @Override
    protected Iterable<Button> attempts() {
        tryAngle.setText(words().text("gauge.try_angle"));
        tryLaser.setText(words().text("gauge.try_laser"));
        return List.of(tryAngle, tryLaser);
    }

    @Override
    protected String takeKey() {
        return "gauge.take";
    }

    @Override
    protected void heard(InstrumentLine line) {
        last = line;
        Message.Measure measure = new Message.Measure(line.value(), line.kind().quantity());
        showText(words().text(line.steady() ? "gauge.steady" : "gauge.moving", measure));
    }

    @Override
    protected void take() {
        if (last == null || !last.steady()) {
            complain(words().text("gauge.wait"));
            return;
        }
        take.accept(last.kind(), last.value());
    }

    @Override
    protected void forget() {
        last = null;
    }
}
