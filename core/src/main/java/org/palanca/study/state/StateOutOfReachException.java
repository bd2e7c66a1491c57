package org.palanca.study.state;

import org.palanca.base.words.Message;

/** An axle that does not close as near to the chassis, or as far from it, as a state asks. */
public final class StateOutOfReachException extends Exception {
    private static final long serialVersionUID = 1L;

    private final transient Message said;

    StateOutOfReachException(Message said) {
        super(said.toString());
        this.said = said;
    }

    /** Which axle, and how far it was asked to go. */
    public Message said() {
        return said;
    }
}
