package org.palanca.io;

import org.palanca.base.words.Message;

/** A file that can't be read as what it is said to be, with what is wrong in it, where, and what would mend it. */
public final class FileFormatException extends Exception {
    private static final long serialVersionUID = 1;
    private final transient Message told;

    /** @param told what is wrong, to be put into words */
    public FileFormatException(Message told) {
        super(told.key());
        this.told = told;
    }

    /** What is wrong, as a key of the words and what stands in it. */
    public FileFormatException(String key, Object... arguments) {
        this(Message.of(key, arguments));
    }

    /** What is wrong, to be put into words. */
    public Message told() {
        return told;
    }
}
