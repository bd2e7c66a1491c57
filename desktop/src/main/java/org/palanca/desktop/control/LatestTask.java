package org.palanca.desktop.control;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.util.Duration;

/**
 * Work beside the drawing of which only the latest counts: it begins when nothing else was asked for a moment, gives way to
 * the next request, and hands its answer to the window's own thread. Work that fails is told there too, and reaches that
 * thread's handler of uncaught exceptions, so that the window can say so.
 */
public final class LatestTask {
    private final String name;
    private final boolean patient;
    private final PauseTransition rest;
    private final AtomicInteger generation = new AtomicInteger();
    private final ExecutorService worker;
    private Runnable next = () -> {};
    private int answered;

    private LatestTask(String name, Duration rest, boolean patient) {
        this.name = name;
        this.patient = patient;
        this.rest = new PauseTransition(rest);
        this.rest.setOnFinished(event -> next.run());
        worker = Executors.newSingleThreadExecutor(task -> {
            Thread thread = new Thread(task, name);
            thread.setDaemon(true);
            return thread;
        });
    }

    /**
     * Work that holds still while a hand is at work ({@link Hand}), before it begins and whenever it asks whether to go on.
     *
     * @param name of its thread
     * @param rest how long nothing must have been asked before work begins
     */
    public static LatestTask patient(String name, Duration rest) {
        return new LatestTask(name, rest, true);
    }

    /**
     * Work whose answer is what a hand is moving.
     *
     * @param name of its thread
     * @param rest how long nothing must have been asked before work begins
     */
    public static LatestTask live(String name, Duration rest) {
        return new LatestTask(name, rest, false);
    }

    /**
     * Asks for work; what was asked before is dropped.
     *
     * @param work given a question whether to go on
     * @param then takes the answer, unless something else was asked meanwhile
     */
    public <T> void ask(Function<BooleanSupplier, T> work, Consumer<T> then) {
        ask(work, then, () -> {});
    }

    /**
     * Asks for work; what was asked before is dropped.
     *
     * @param work given a question whether to go on
     * @param then takes the answer, unless something else was asked meanwhile
     * @param failed told in the place of an answer where the work failed
     */
    public <T> void ask(Function<BooleanSupplier, T> work, Consumer<T> then, Runnable failed) {
        int mine = generation.incrementAndGet();
        BooleanSupplier newest = () -> generation.get() == mine;
        BooleanSupplier goOn = () -> {
            if (patient && newest.getAsBoolean()) {
                Hand.awaitRest();
            }
            return newest.getAsBoolean();
        };
        next = () -> worker.execute(() -> {
            if (!goOn.getAsBoolean()) {
                return;
            }
            T answer;
            try {
                answer = work.apply(goOn);
            } catch (RuntimeException | StackOverflowError e) {
                Platform.runLater(() -> {
                    if (newest.getAsBoolean()) {
                        answered = mine;
                        failed.run();
                        throw new Failed(name, e);
                    }
                });
                return;
            }
            Platform.runLater(() -> {
                if (newest.getAsBoolean()) {
                    answered = mine;
                    then.accept(answer);
                }
            });
        });
        rest.playFromStart();
    }

    /** Work beside the drawing that failed. */
    public static final class Failed extends RuntimeException {
        private static final long serialVersionUID = 1L;

        public Failed(String work, Throwable cause) {
            super(work + ": " + cause, cause);
        }
    }

    /** Whether something was asked that is neither answered nor dropped. */
    public boolean busy() {
        return answered != generation.get();
    }

    /** Drops what was asked. */
    public void drop() {
        answered = generation.incrementAndGet();
        rest.stop();
    }

    /** Ends for good. */
    public void dispose() {
        drop();
        worker.shutdownNow();
    }
}
