package org.palanca.cli.command;

import org.palanca.base.words.Message;

/** A command that could not do what was asked, with what to say and the exit code. */
public final class CommandFailure extends Exception {
    private static final long serialVersionUID = 1L;

    private final transient Message what;
    private final int exitCode;

    CommandFailure(int exitCode, Message what) {
        super(what.key());
        this.what = what;
        this.exitCode = exitCode;
    }

    public Message what() {
        return what;
    }

    public int exitCode() {
        return exitCode;
    }
}
