package org.palanca.desktop.control;

import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/** Where half of something is worked out that is asked for on one thread: two cores are ordinary, and no more are counted on. */
public final class SecondCore {
    private static final ExecutorService WORKER = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "second core");
        thread.setDaemon(true);
        return thread;
    });

    /** What yields to a drawing: each has a thread, for one that waits for the other would wait for itself. */
    private static final ExecutorService PATIENT = Executors.newSingleThreadExecutor(task -> {
        Thread thread = new Thread(task, "second core, patient");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        return thread;
    });

    private SecondCore() {}

    /** For what is drawn next. */
    public static Executor now() {
        return WORKER;
    }

    /** For a search whose answer may take its time. */
    public static Executor patient() {
        return PATIENT;
    }
}
