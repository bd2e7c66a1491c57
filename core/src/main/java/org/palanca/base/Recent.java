package org.palanca.study.assessment;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What was looked at last, with what was found. The list of steps, the sentence at the foot and every search for advice ask
 * for the same vehicle, and a change that is undone brings one back. Threads may share it.
 *
 * @param <K> all that what was found depends on
 * @param <T> what was found
 */
final class Recent<K, T> {
    /** So many: those tried for one piece of advice, and the way there and back. Most of each they share. */
    private static final int MOST = 64;

    private final Map<K, T> found = new LinkedHashMap<>(MOST, 0.75f, true) {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<K, T> eldest) {
            return size() > MOST;
        }
    };

    synchronized Optional<T> of(K what) {
        return Optional.ofNullable(found.get(what));
    }

    synchronized void keep(K what, T answer) {
        found.put(what, answer);
    }
}
