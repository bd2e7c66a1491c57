package org.palanca.study.clearance;

import java.lang.ref.ReferenceQueue;
import java.lang.ref.WeakReference;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.jspecify.annotations.Nullable;

/**
 * Keeps something beside an object for as long as that very object is in use. For any number of threads. A key is itself and
 * not what it equals: a skin of a hundred thousand triangles is not to be hashed each time.
 */
final class WeakIdentityMap<K, V> {
    private final Map<Key, V> values = new ConcurrentHashMap<>();
    private final ReferenceQueue<Object> gone = new ReferenceQueue<>();

    /** A key that holds on to nothing. */
    private static final class Key extends WeakReference<Object> {
        private final int hash;

        Key(Object key, @Nullable ReferenceQueue<Object> gone) {
            super(key, gone);
            hash = System.identityHashCode(key);
        }

        @Override
        public int hashCode() {
            return hash;
        }

        @Override
        public boolean equals(Object other) {
            return this == other || other instanceof Key key && get() != null && get() == key.get();
        }
    }

    Optional<V> get(K key) {
        return Optional.ofNullable(values.get(new Key(key, null)));
    }

    void put(K key, V value) {
        for (Object dead = gone.poll(); dead != null; dead = gone.poll()) {
            values.remove(dead);
        }
        values.put(new Key(key, gone), value);
    }
}
