package org.palanca.cli;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.api.parallel.Execution;
import org.junit.jupiter.api.parallel.ExecutionMode;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.palanca.cli.command.ExitCodes;

/** Example files with something wrong in them: every command answers or says what is wrong, and none throws or writes NaN. */
@Execution(ExecutionMode.CONCURRENT)
class MutantsTest {
    /** Mutants of each example; {@code -Dpalanca.draws=10} looks at ten times as many. */
    private static final int EACH = 10 * Integer.getInteger("palanca.draws", 1);

    private static final List<List<String>> COMMANDS = List.of(
            List.of("check"),
            List.of("solve", "--json", "--bump", "2,-1"),
            List.of("survey"),
            List.of("fit"),
            List.of("housing"),
            List.of("ride"),
            List.of("cut"),
            List.of("sweep", "--poses", "5"),
            List.of("slope", "--across", "10"));

    private static final List<String> VALUES = List.of(
            "null", "\"\"", "\"Infinity\"", "\"left\"", "0", "-1", "1e-9", "99999", "true", "[]", "{}", "\"a|b:c/~d\"");

    private static final double[] FACTORS = {-1, 0, 10, 0.1, 1.5};

    private final ObjectMapper json = new ObjectMapper();

    @TempDir
    private Path folder;

    /** A place in a file: a property of an object, or an element of a list. */
    private record Spot(JsonNode holder, String name, int index) {
        JsonNode value() {
            return holder instanceof ObjectNode object ? object.get(name) : holder.get(index);
        }

        void set(JsonNode next) {
            if (holder instanceof ObjectNode object) {
                object.set(name, next);
            } else {
                ((ArrayNode) holder).set(index, next);
            }
        }

        void remove() {
            if (holder instanceof ObjectNode object) {
                object.remove(name);
            } else {
                ((ArrayNode) holder).remove(index);
            }
        }
    }

    private static void spots(JsonNode node, List<Spot> all) {
        if (node instanceof ObjectNode object) {
            object.fieldNames().forEachRemaining(name -> {
                all.add(new Spot(object, name, -1));
                spots(object.get(name), all);
            });
        } else if (node instanceof ArrayNode list) {
            for (int i = 0; i < list.size(); i++) {
                all.add(new Spot(list, "", i));
                spots(list.get(i), all);
            }
        }
    }

    /** One place changed: gone, of another kind, a number grown, shrunk or turned round, or a name for another name. */
    private JsonNode mutant(String text, Random random) throws IOException {
        JsonNode root = json.readTree(text);
        List<Spot> all = new ArrayList<>();
        spots(root, all);
        Spot spot = all.get(random.nextInt(all.size()));
        JsonNode value = spot.value();
        if (value.isNumber() && random.nextBoolean()) {
            spot.set(json.getNodeFactory().numberNode(value.asDouble() * FACTORS[random.nextInt(FACTORS.length)]));
        } else if (value.isTextual() && random.nextBoolean()) {
            List<Spot> names =
                    all.stream().filter(other -> other.value().isTextual()).toList();
            spot.set(names.get(random.nextInt(names.size())).value());
        } else if (random.nextInt(4) == 0) {
            spot.remove();
        } else {
            spot.set(json.readTree(VALUES.get(random.nextInt(VALUES.size()))));
        }
        return root;
    }

    @ParameterizedTest
    @ValueSource(strings = {"tarn-4", "gorse", "sedge", "marram", "plover", "wain"})
    void noMutantOfAnExampleEndsInAnException(String name) throws IOException {
        String text;
        try (InputStream in =
                MutantsTest.class.getResourceAsStream("/org/palanca/examples/" + name + ".palanca.json")) {
            text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
        Random random = new Random(name.hashCode());
        Path file = folder.resolve("mutant.palanca.json");
        for (int i = 0; i < EACH; i++) {
            JsonNode mutant = mutant(text, random);
            Files.writeString(file, json.writeValueAsString(mutant));
            boolean opens = true;
            for (List<String> command : COMMANDS) {
                if (opens) {
                    opens = answers(command, file, name + " " + i);
                }
            }
        }
    }

    /** Whether the file opened; that the command answered is asserted. */
    private boolean answers(List<String> command, Path file, String which) {
        List<String> asked = new ArrayList<>(command);
        asked.add(1, file.toString());
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        int code = Main.run(asked.toArray(String[]::new), new PrintWriter(out, true), new PrintWriter(err, true));
        assertThat(out + "\n" + err)
                .as("%s %s", which, command)
                .doesNotContain("NaN")
                .doesNotContain("Exception")
                .doesNotContain("\tat ");
        assertThat(code).as("%s %s", which, command).isBetween(0, 5);
        return code == ExitCodes.OK || code == ExitCodes.PROBLEMS;
    }
}
