package org.palanca.desktop.app;

import javafx.animation.AnimationTimer;
import org.palanca.desktop.document.BoardState;
import org.palanca.desktop.document.Document;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.vehicle.Axle;

/** Cycles the axle: bump and droop, then one up and one down, over and over until stopped. */
final class Playback extends AnimationTimer {
    private static final double SECONDS_A_CYCLE = 4;

    private final Document document;
    private final BoardState state;
    private long began;
    private boolean running;

    Playback(Document document, BoardState state) {
        this.document = document;
        this.state = state;
    }

    void toggle() {
        if (running) {
            stop();
        } else {
            began = 0;
            running = true;
            start();
        }
    }

    @Override
    public void stop() {
        running = false;
        super.stop();
    }

    @Override
    public void handle(long now) {
        began = began == 0 ? now : began;
        double cycles = (now - began) / 1e9 / SECONDS_A_CYCLE;
        double wave = Math.sin(2 * Math.PI * cycles);
        Axle axle = document.vehicle().axle(state.axleProperty().get()).orElseThrow();
        double up = axle.travel().bump();
        double down = axle.travel().droop();
        if (((long) cycles) % 2 == 0) {
            state.poseProperty().set(WheelTravel.both(wave * (wave > 0 ? up : down)));
        } else {
            double most = Math.min(up, down) * wave;
            state.poseProperty().set(new WheelTravel(most, -most));
        }
    }
}
