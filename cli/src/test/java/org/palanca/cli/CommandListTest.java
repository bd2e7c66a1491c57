package org.palanca.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.palanca.cli.command.ExitCodes;
import picocli.CommandLine;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Model.PositionalParamSpec;

/**
 * The launcher script and the front page know every command, from the one list that the program has. The launcher's list is
 * written anew with {@code -Dpalanca.write=true}.
 */
class CommandListTest {
    private static final Path LIST = Path.of("src", "main", "resources", "org", "palanca", "cli", "commands.txt");
    private static final Path LAUNCHER = Path.of("..", "palanca");
    private static final Path FRONT_PAGE = Path.of("..", "README.md");

    @Test
    void theLaunchersListIsTheProgramsOwn() throws IOException {
        String list = commands().map(CommandListTest::line).collect(Collectors.joining("\n", "", "\n"));
        if (Boolean.getBoolean("palanca.write")) {
            Files.writeString(LIST, list);
        }
        assertThat(Files.readString(LIST)).isEqualTo(list);
        assertThat(Files.readString(LAUNCHER)).contains("cli/src/main/resources/org/palanca/cli/commands.txt");
    }

    @Test
    void theFrontPageNamesEveryCommand() throws IOException {
        List<String> lines = Files.readAllLines(FRONT_PAGE);
        assertThat(commands().map(CommandSpec::name))
                .allSatisfy(
                        name -> assertThat(lines).anyMatch(line -> line.matches("    \\./palanca " + name + "( .*)?")));
    }

    @Test
    void everyCommandExplainsItself() {
        commands().forEach(command -> {
            int code = Main.run(new String[] {command.name(), "--help"}, quiet(), quiet());
            assertThat(code).as(command.name()).isEqualTo(ExitCodes.OK);
            assertThat(command.usageMessage().header()).as(command.name()).isNotEmpty();
        });
    }

    private static Stream<CommandSpec> commands() {
        return Main.commandLine().getSubcommands().values().stream().map(CommandLine::getCommandSpec);
    }

    private static String line(CommandSpec command) {
        String parameters = command.positionalParameters().stream()
                .map(PositionalParamSpec::paramLabel)
                .collect(Collectors.joining(" "));
        String what = String.join(" ", command.usageMessage().header());
        return "%-34s %s".formatted((command.name() + " " + parameters).strip(), what);
    }

    private static PrintWriter quiet() {
        return new PrintWriter(Writer.nullWriter());
    }
}
