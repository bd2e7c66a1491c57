package org.palanca.cli.command;

import picocli.CommandLine.Option;

/** Whether a command answers programs instead of people. */
final class JsonOption {
    @Option(names = "--json", descriptionKey = "json")
    private boolean json;

    boolean asked() {
        return json;
    }
}
