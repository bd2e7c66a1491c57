package org.palanca.bench.window;

import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.canvas.Canvas;
import javafx.scene.layout.StackPane;
import javafx.scene.paint.Color;
import javafx.stage.Stage;
import org.palanca.desktop.app.StartClock;

/** The least that the toolkit can show: a window of the same size with a few lines on a canvas. */
public final class BareWindow extends Application {
    @Override
    public void start(Stage stage) {
        Canvas canvas = new Canvas(1280, 800);
        var g = canvas.getGraphicsContext2D();
        for (int i = 0; i < 360; i += 10) {
            g.setStroke(Color.hsb(i, 1, 1));
            g.strokeLine(0, i * 2, 1280, 800 - i * 2);
        }
        stage.setScene(new Scene(new StackPane(canvas), 1280, 800));
        stage.show();
        StartClock.untilSeen(stage, canvas, Platform::exit);
    }

    /** Shows it and ends. */
    public static void print() {
        Application.launch(BareWindow.class);
    }
}
