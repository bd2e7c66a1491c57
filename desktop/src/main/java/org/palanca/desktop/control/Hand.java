package org.palanca.desktop.control;

import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.Condition;
import java.util.concurrent.locks.ReentrantLock;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.stage.Stage;

/**
 * Whether a hand is at work in the window: a button or key held down that moved something a moment ago. What is searched for
 * beside the window holds still meanwhile, and until the first frame is drawn, so that both cores are the drawing's.
 */
public final class Hand {
    /** A button that is held still for so long no longer holds anything up [ns]. */
    private static final long MOMENT = TimeUnit.MILLISECONDS.toNanos(700);

    /** So long a first frame is waited for [ns]; a window that is never shown must not stop what is asked of it. */
    private static final long FIRST_FRAME = TimeUnit.SECONDS.toNanos(5);

    private static final Hand HAND = new Hand();

    private final ReentrantLock lock = new ReentrantLock();
    private final Condition rests = lock.newCondition();
    private long busyUntil = System.nanoTime() + FIRST_FRAME;
    private boolean down;
    private boolean drawn;

    private Hand() {}

    /** Follows what is done in a window. */
    public static void follow(Stage stage, Scene scene) {
        scene.addEventFilter(MouseEvent.MOUSE_PRESSED, event -> HAND.set(true));
        scene.addEventFilter(MouseEvent.MOUSE_DRAGGED, event -> HAND.set(true));
        scene.addEventFilter(MouseEvent.MOUSE_RELEASED, event -> HAND.set(false));
        scene.addEventFilter(KeyEvent.KEY_PRESSED, event -> HAND.set(true));
        scene.addEventFilter(KeyEvent.KEY_RELEASED, event -> HAND.set(false));
        stage.focusedProperty().addListener((o, before, now) -> HAND.set(false));
        Runnable[] once = new Runnable[1];
        once[0] = () -> {
            scene.removePostLayoutPulseListener(once[0]);
            HAND.firstFrame();
        };
        scene.addPostLayoutPulseListener(once[0]);
    }

    /** A hand is at work now, be it with no button. */
    public static void moves() {
        HAND.set(true);
    }

    private void set(boolean now) {
        lock.lock();
        try {
            down = now;
            if (drawn) {
                busyUntil = now ? System.nanoTime() + MOMENT : System.nanoTime();
            }
            if (!now) {
                rests.signalAll();
            }
        } finally {
            lock.unlock();
        }
    }

    private void firstFrame() {
        lock.lock();
        try {
            drawn = true;
            busyUntil = System.nanoTime();
            rests.signalAll();
        } finally {
            lock.unlock();
        }
    }

    /** Waits while a hand is at work; the window's own thread, which hears of its rest, goes on at once. */
    static void awaitRest() {
        if (!Platform.isFxApplicationThread()) {
            HAND.await();
        }
    }

    private void await() {
        lock.lock();
        try {
            long left = busyUntil - System.nanoTime();
            while ((down || !drawn) && left > 0) {
                rests.awaitNanos(left);
                left = busyUntil - System.nanoTime();
            }
        } catch (InterruptedException e) {
            // The window is going: whoever waits is told by its own question whether to go on.
            Thread.currentThread().interrupt();
        } finally {
            lock.unlock();
        }
    }
}
