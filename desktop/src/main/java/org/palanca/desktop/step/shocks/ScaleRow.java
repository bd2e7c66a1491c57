package org.palanca.desktop.step.shocks;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.control.Button;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.InstrumentRow;
import org.palanca.floor.instrument.InstrumentLine;
import org.palanca.floor.instrument.SimulatedInstrument;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.Weights;

/** Listens to four wheel scales and hands their steady readings over; ships with a set to try. */
final class ScaleRow extends InstrumentRow {
    private static final InstrumentLine.Kind[] PADS = {
        InstrumentLine.Kind.WEIGHT_FRONT_LEFT,
        InstrumentLine.Kind.WEIGHT_FRONT_RIGHT,
        InstrumentLine.Kind.WEIGHT_REAR_LEFT,
        InstrumentLine.Kind.WEIGHT_REAR_RIGHT
    };

    /** The stand-in shows the plan's loads put off by these parts, as a real vehicle is. */
    private static final double[] OFF = {1.012, 0.988, 1.02, 0.98};

    private final Consumer<double[]> take;
    private final Button attempt;
    private final Map<InstrumentLine.Kind, InstrumentLine> last = new EnumMap<>(InstrumentLine.Kind.class);

    @SuppressWarnings("NullAway.Init") // Shown before anything is asked of it.
    private Vehicle vehicle;

    /** @param take is handed front left, front right, rear left and rear right [kg] when the user takes them */
    ScaleRow(Supplier<Words> words, Consumer<String> complain, Consumer<double[]> take) {
        super("scale", "scales.listen", "7711", words, complain);
        this.take = take;
        attempt = attempt("scale-try", this::simulate);
        relabel();
    }

    void show(Vehicle next) {
        vehicle = next;
    }

    private void simulate() {
        Map<InstrumentLine.Kind, Double> truths = new EnumMap<>(InstrumentLine.Kind.class);
        for (int i = 0; i < PADS.length; i++) {
            AxlePlace place = i < 2 ? AxlePlace.FRONT : AxlePlace.REAR;
            double load = vehicle.axle(place)
                    .map((Axle axle) -> Weights.planned(vehicle, axle).both() / 2)
                    .orElse(0.0);
            truths.put(PADS[i], load * OFF[i]);
        }
        simulate(() -> new SimulatedInstrument("scales", truths, 0, 100, System.nanoTime()));
    }

    @Override
    protected Iterable<Button> attempts() {
        attempt.setText(words().text("scales.try"));
        return List.of(attempt);
    }

    @Override
    protected String takeKey() {
        return "scales.take";
    }

    @Override
    protected void heard(InstrumentLine line) {
        last.put(line.kind(), line);
        StringBuilder text = new StringBuilder();
        for (InstrumentLine.Kind pad : PADS) {
            InstrumentLine of = last.get(pad);
            text.append(text.isEmpty() ? "" : " · ")
                    .append(of == null ? "–" : words().units().text(of.value(), Quantity.MASS));
        }
        showText(text.toString());
    }

    @Override
    protected void take() {
        double[] read = Arrays.stream(PADS)
                .map(last::get)
                .filter(pad -> pad != null && pad.steady())
                .mapToDouble(pad -> pad.value())
                .toArray();
        if (read.length < PADS.length) {
            complain(words().text("scales.wait"));
            return;
        }
        take.accept(read);
    }

    @Override
    protected void forget() {
        last.clear();
    }
}
