package org.palanca.cli.command;

/** What the command line says to the shell when it ends. */
public final class ExitCodes {
    /** All went well; a check found no errors. */
    public static final int OK = 0;

    /** The file has problems: it is no vehicle, or a check found errors. */
    public static final int PROBLEMS = 1;

    /** The command's own words are wrong. */
    public static final int USAGE = 2;

    /** A file could not be read or written. */
    public static final int FILE = 3;

    /** The axle does not close at the pose asked for. */
    public static final int DOES_NOT_CLOSE = 4;

    private ExitCodes() {}
}
