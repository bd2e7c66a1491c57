package org.palanca;

import java.util.List;
import java.util.Random;

/** One draw: what a test takes from it depends on its seed alone. */
public final class Draw {
    /** Sets seeds that follow one another far apart: the golden ratio of 2^64 (Steele, Lea and Flood, 2014). */
    private static final long APART = 0x9E3779B97F4A7C15L;

    private final long seed;
    private final Random random;

    Draw(long seed) {
        this.seed = seed;
        random = new Random(seed * APART);
    }

    /** A generator of its own for what wants one. */
    public Random random() {
        return random;
    }

    /** A generator that is the same each time it is asked for. */
    public Random again() {
        return new Random(~(seed * APART));
    }

    public double between(double low, double high) {
        return low + (high - low) * random.nextDouble();
    }

    /** Whole, both ends included. */
    public int between(int low, int high) {
        return low + random.nextInt(high - low + 1);
    }

    public boolean yesOrNo() {
        return random.nextBoolean();
    }

    public <T> T oneOf(List<T> all) {
        return all.get(random.nextInt(all.size()));
    }

    @SafeVarargs
    public final <T> T oneOf(T... all) {
        return oneOf(List.of(all));
    }

    /** Up to so many characters of all kinds, those that measures are written with more often than others. */
    public String text(int longest) {
        String likely = "0123456789 /.,-+'\"°′″½¼inmftcdegm";
        StringBuilder text = new StringBuilder();
        int length = random.nextInt(longest + 1);
        for (int i = 0; i < length; i++) {
            boolean plain = random.nextInt(4) > 0;
            text.appendCodePoint(
                    plain
                            ? likely.charAt(random.nextInt(likely.length()))
                            : 1 + random.nextInt(Character.MAX_CODE_POINT));
        }
        return text.toString();
    }

    @Override
    public String toString() {
        return "seed " + seed;
    }
}
