package org.palanca.result;

import org.palanca.base.units.Quantity;

/** A result by its definition; what is left to each is how it is worked out. */
public abstract class DefinedResult implements Result {
    private final ResultKind kind;
    private final String subject;
    private final String id;
    private final Motion motion;
    private final String source;

    /**
     * @param kind which quantity
     * @param motion the motion that must exist
     * @param source key of the formula's source in words
     */
    protected DefinedResult(ResultKind kind, Motion motion, String source) {
        this(kind, "", motion, source);
    }

    /**
     * @param kind which quantity
     * @param subject whose it is, such as a link's name; empty where the axle has one alone
     * @param motion the motion that must exist
     * @param source key of the formula's source in words
     */
    protected DefinedResult(ResultKind kind, String subject, Motion motion, String source) {
        this.kind = kind;
        this.subject = subject;
        id = subject.isEmpty() ? kind.id() : kind.id() + "." + subject;
        this.motion = motion;
        this.source = source;
    }

    @Override
    public final String id() {
        return id;
    }

    @Override
    public final ResultKind kind() {
        return kind;
    }

    @Override
    public final String subject() {
        return subject;
    }

    @Override
    public final Quantity quantity() {
        return kind.quantity();
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
