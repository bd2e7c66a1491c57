package org.palanca.result;

import org.palanca.units.Quantity;

/** A result by its definition; what is left to each is how it is worked out. */
public abstract class DefinedResult implements Result {
    private final String id;
    private final Quantity quantity;
    private final Motion motion;
    private final String source;

    /**
     * @param id stable name in files and output
     * @param quantity what it measures
     * @param motion the motion that must exist
     * @param source key of the formula's source in words
     */
    protected DefinedResult(String id, Quantity quantity, Motion motion, String source) {
        this.id = id;
        this.quantity = quantity;
        this.motion = motion;
        this.source = source;
    }

    @Override
    public final String id() {
        return id;
    }

    @Override
    public final Quantity quantity() {
        return quantity;
    }

    @Override
    public final Motion motion() {
        return motion;
    }

    @Override
    public final String source() {
        return source;
    }
}
