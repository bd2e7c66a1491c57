package org.palanca.base;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What was looked at last, with what was found: several parts of the program ask for the same, and a change that is undone
 * brings one back. Threads may share it.
 *
 * @param <K> all that what was found depends on
 * @param <T> what was found
 */
public final class Recent<K, T> {
    /** Those tried for one piece of advice, and the way there and back; most of each they share. */
    private static final int TRIED = 64;

    private final Map<K, T> found;

    /** Keeps as many as a search for advice tries. */
    public Recent() {
        this(TRIED);
    }

    /** @param most so many are kept; of more the one goes that was asked for longest ago */
    public Recent(int most) {
        found = new LinkedHashMap<>(most, 0.75f, true) {
            private static final long serialVersionUID = 1L;

            @Override
            protected boolean removeEldestEntry(Map.Entry<K, T> eldest) {
                return size() > most;
            }
        };
    }

    /** What was found, if it is still kept. */
    public synchronized Optional<T> of(K what) {
        return Optional.ofNullable(found.get(what));
    }

    /** Keeps what was found. */
    public synchronized void keep(K what, T answer) {
        found.put(what, answer);
    }
}
