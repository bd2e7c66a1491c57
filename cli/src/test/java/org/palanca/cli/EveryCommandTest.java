package org.palanca.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.palanca.cli.command.ExitCodes;
import org.palanca.vehicle.SuspensionType;

/** Every command answers for every example and for a start of every type, people and programs alike. */
@Execution(ExecutionMode.CONCURRENT)
class EveryCommandTest {
    private static final List<List<String>> REPORTS = List.of(
            List.of("solve"),
            List.of("solve", "--bump", "2,-2", "--steer", "0.5"),
            List.of("sweep", "--poses", "5"),
            List.of("steer"),
            List.of("check"),
            List.of("survey"),
            List.of("fit"),
            List.of("housing"),
            List.of("cycle"),
            List.of("cut"),
            List.of("cut", "--csv"),
            List.of("plates"),
            List.of("plates", "--csv"),
            List.of("bill"),
            List.of("bill", "--csv"),
            List.of("ride"),
            List.of("slope", "--across", "10", "--tip"));

    /**
     * Examples are asked for each answer both ways, a start for every other one by people and the rest by programs, since
     * its studies are the same; {@code -Dpalanca.draws=2} asks both ways of all.
     */
    private static final boolean BOTH_OF_ALL = Integer.getInteger("palanca.draws", 1) > 1;

    @TempDir
    private Path folder;

    private String out;
    private String err;

    private int run(List<String> arguments) {
        StringWriter o = new StringWriter();
        StringWriter e = new StringWriter();
        int code = Main.run(arguments.toArray(String[]::new), new PrintWriter(o, true), new PrintWriter(e, true));
        out = o.toString();
        err = e.toString();
        return code;
    }

    @ParameterizedTest
    @ValueSource(strings = {"tarn-4", "gorse", "sedge", "marram", "plover", "wain"})
    void everyCommandAnswersForEveryExample(String name) throws IOException {
        Path file = folder.resolve(name + ".palanca.json");
        try (InputStream in =
                EveryCommandTest.class.getResourceAsStream("/org/palanca/examples/" + name + ".palanca.json")) {
            Files.copy(in, file);
        }
        everyCommand(file, true);
    }

    @ParameterizedTest
    @EnumSource(SuspensionType.class)
    void everyCommandAnswersForAStartOfEveryType(SuspensionType type) throws IOException {
        Path file = folder.resolve("mine.palanca.json");
        assertThat(run(List.of("start", file.toString(), "--rear", type.id())))
                .as(err)
                .isEqualTo(ExitCodes.OK);
        everyCommand(file, BOTH_OF_ALL);
    }

    @ParameterizedTest
    @CsvSource({"leaf_springs, pitman", "double_wishbone, rack"})
    void everyCommandAnswersForAStartThatSteers(String type, String steering) throws IOException {
        Path file = folder.resolve("mine.palanca.json");
        assertThat(run(List.of(
                        "start", file.toString(), "--rear", "leaf_springs", "--front", type, "--steering", steering)))
                .as(err)
                .isEqualTo(ExitCodes.OK);
        everyCommand(file, BOTH_OF_ALL);
    }

    private void everyCommand(Path file, boolean bothWays) throws IOException {
        for (int i = 0; i < REPORTS.size(); i++) {
            List<String> asked = new ArrayList<>(REPORTS.get(i));
            asked.add(1, file.toString());
            if (List.of("cycle", "cut").contains(asked.get(0))) {
                asked.addAll(
                        List.of("--sheet", folder.resolve(asked.get(0) + ".svg").toString()));
            }
            if (bothWays || i % 2 == 0) {
                answers(asked);
                assertThat(out).as(asked.toString()).doesNotContain("NaN", "Infinity");
            }
            asked.add("--json");
            if (bothWays || i % 2 == 1) {
                answersAProgram(asked);
            }
        }
        answers(List.of("sheet", file.toString(), folder.resolve("links.svg").toString()));
        answers(List.of("place", file.toString(), folder.resolve("place.svg").toString(), "--json"));
    }

    private void answersAProgram(List<String> asked) throws IOException {
        int code = answers(asked);
        if (out.isEmpty()) {
            assertThat(code).as(asked.toString()).isNotEqualTo(ExitCodes.OK);
            return;
        }
        JsonNode root = new ObjectMapper().readTree(out);
        assertThat(root.path("format").asText()).as(asked.toString()).startsWith("palanca-");
        assertThat(root.path("version").asInt()).isPositive();
        assertThat(out).as(asked.toString()).doesNotContain("NaN", "Infinity");
    }

    /** An answer, or a refusal in words; never a failure of the program itself. */
    private int answers(List<String> asked) {
        int code = run(asked);
        assertThat(code)
                .as(asked + " " + err)
                .isIn(ExitCodes.OK, ExitCodes.PROBLEMS, ExitCodes.USAGE, ExitCodes.DOES_NOT_CLOSE);
        assertThat(err).as(asked.toString()).doesNotContain("Exception", "\tat ", "Usage:");
        assertThat(out + err).as(asked.toString()).isNotBlank();
        return code;
    }
}
