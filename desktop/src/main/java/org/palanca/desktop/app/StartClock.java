package org.palanca.desktop.app;

import java.lang.management.ManagementFactory;
import java.util.HashSet;
import java.util.Set;
import javafx.animation.AnimationTimer;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.scene.paint.Color;
import javafx.scene.robot.Robot;
import javafx.stage.Stage;

/**
 * How long it took until something is to be seen: from when the command was given, as the launcher notes it (else from when
 * the machine started), to the first moment at which the screen's own pixels show more than an empty ground.
 */
public final class StartClock {
    /** When the command was given [ms since 1970], as the launcher passes it on. */
    private static final String STARTED = "palanca.started";

    /** So many colours on the screen are more than a ground with its frame. */
    private static final int DRAWN = 6;

    /** Some screens show a program nothing of themselves; then there is nothing to wait for [ns]. */
    private static final long LONGEST_WAIT = 20_000_000_000L;

    private StartClock() {}

    /**
     * Waits until a part of a window is to be seen on the screen, prints the time and goes on; after twenty seconds it says that
     * nothing was seen, and goes on as well.
     *
     * @param part looked at in its middle
     */
    public static void untilSeen(Stage stage, Node part, Runnable then) {
        Robot robot = new Robot();
        long asked = System.nanoTime();
        new AnimationTimer() {
            @Override
            public void handle(long now) {
                if (stage.isShowing() && seen(robot, part)) {
                    stop();
                    System.out.println("drawn after " + (System.currentTimeMillis() - began()) + " ms");
                    then.run();
                } else if (System.nanoTime() - asked > LONGEST_WAIT) {
                    stop();
                    System.err.println("this screen shows a program nothing of itself: the start was not timed");
                    then.run();
                }
            }
        }.start();
    }

    private static long began() {
        String given = System.getProperty(STARTED);
        return given == null ? ManagementFactory.getRuntimeMXBean().getStartTime() : Long.parseLong(given);
    }

    private static boolean seen(Robot robot, Node part) {
        Bounds on = part.localToScreen(part.getLayoutBounds());
        if (on == null || on.getWidth() < 100 || on.getHeight() < 100) {
            return false;
        }
        WritableImage shot = robot.getScreenCapture(
                null,
                on.getMinX() + on.getWidth() / 4,
                on.getMinY() + on.getHeight() / 4,
                on.getWidth() / 2,
                on.getHeight() / 2);
        PixelReader pixels = shot.getPixelReader();
        Set<Color> colours = new HashSet<>();
        for (int y = 0; y < shot.getHeight() && colours.size() < DRAWN; y += 3) {
            for (int x = 0; x < shot.getWidth() && colours.size() < DRAWN; x++) {
                colours.add(pixels.getColor(x, y));
            }
        }
        return colours.size() >= DRAWN;
    }
}
