package org.palanca.cli;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.palanca.cli.command.ExitCodes;

class MainTest {
    @TempDir
    private Path folder;

    private Path tarn;
    private String out;
    private String err;

    @BeforeEach
    void copyTheExample() throws IOException {
        tarn = folder.resolve("tarn-4.palanca.json");
        try (InputStream in = MainTest.class.getResourceAsStream("/org/palanca/examples/tarn-4.palanca.json")) {
            Files.copy(in, tarn);
        }
    }

    private int run(Object... arguments) {
        StringWriter o = new StringWriter();
        StringWriter e = new StringWriter();
        String[] args = java.util.Arrays.stream(arguments).map(Object::toString).toArray(String[]::new);
        int code = Main.run(args, new PrintWriter(o, true), new PrintWriter(e, true));
        out = o.toString();
        err = e.toString();
        return code;
    }

    private JsonNode json() throws IOException {
        return new ObjectMapper().readTree(out);
    }

    @Test
    void solvePrintsEveryResultWithItsVerdict() {
        assertThat(run("solve", tarn)).isEqualTo(ExitCodes.OK);
        assertThat(out).contains("Tarn 4 · Rear axle", "Anti-squat", "within target  (75 … 100 %)", "Roll centre");
        assertThat(err).isEmpty();
    }

    @Test
    void jsonIsVersionedAndHasUnitsInItsKeys() throws IOException {
        assertThat(run("solve", tarn, "--json", "--axle", "rear", "--bump", "-6 1/2"))
                .isEqualTo(ExitCodes.OK);
        JsonNode rear = json().path("axles").path("rear");
        assertThat(json().path("format").asText()).isEqualTo("palanca-results");
        assertThat(json().path("version").asInt()).isEqualTo(1);
        assertThat(json().path("axles").has("front")).isFalse();
        JsonNode antiSquat = rear.path("results").path("anti_squat_percent");
        assertThat(antiSquat.path("value").asDouble()).isGreaterThan(120);
        assertThat(antiSquat.path("verdict").asText()).isEqualTo("high");
        assertThat(antiSquat.path("basis").asText()).contains("common practice");
        assertThat(rear.path("results")
                        .path("roll_centre_height_mm")
                        .path("value")
                        .asDouble())
                .isBetween(600.0, 800.0);
        assertThat(rear.path("residual_mm").asDouble()).isLessThan(1e-6);
    }

    @Test
    void rollAndBumpAddUp() throws IOException {
        assertThat(run("solve", tarn, "--json", "--axle", "rear", "--roll", "5"))
                .isEqualTo(ExitCodes.OK);
        double rolled =
                json().at("/axles/rear/results/roll_centre_height_mm/value").asDouble();
        double rise = 64 / 2.0 * Math.sin(Math.toRadians(5));
        run("solve", tarn, "--json", "--axle", "rear", "--bump", rise + " in," + -rise + " in");
        assertThat(json().at("/axles/rear/results/roll_centre_height_mm/value").asDouble())
                .isCloseTo(rolled, within(1e-6));
    }

    @Test
    void sweepGivesTheWorstPoseOrEveryPoseAsCsv() {
        assertThat(run("sweep", tarn, "--axle", "rear")).isEqualTo(ExitCodes.OK);
        assertThat(out).containsPattern("Anti-squat .*129 % .*-6 1/2 in, -6 1/2 in");
        assertThat(run("sweep", tarn, "--axle", "rear", "--csv", "--poses", "7"))
                .isEqualTo(ExitCodes.OK);
        assertThat(out.lines()).hasSize(9);
        assertThat(run("sweep", tarn, "--poses", "1")).isEqualTo(ExitCodes.USAGE);
        assertThat(err).contains("from 2 to 100000");
    }

    /** A table goes out, the rack is filled in, and the vehicle that is saved with it takes it off; what is wrong changes nothing. */
    @Test
    void billTakesTheRackOff() throws IOException {
        assertThat(run("bill", tarn)).isEqualTo(ExitCodes.OK);
        assertThat(out).contains("     9  jam nut, thread not named, left-hand (takes 8 + 1 spare)");
        run("bill", tarn, "--csv");
        Path table = folder.resolve("bill.csv");
        Files.writeString(table, out.replaceFirst("(jam nut \\? left,.*,8,1,)0,9,,", "$13,9,1.25,"));
        Path other = folder.resolve("other.palanca.json");
        assertThat(run("bill", tarn, "--take", table, "--save", other)).isEqualTo(ExitCodes.OK);
        assertThat(out).contains("other.palanca.json");
        assertThat(run("bill", other)).isEqualTo(ExitCodes.OK);
        assertThat(out).contains("     6  jam nut, thread not named, left-hand", "in the rack 3, 7.50", "costs 7.50");
        Files.writeString(table, "item,rack\nnut,-1\n");
        Path none = folder.resolve("none.palanca.json");
        assertThat(run("bill", tarn, "--take", table, "--save", none)).isEqualTo(ExitCodes.FILE);
        assertThat(err).contains("Line 2, column rack", "“-1” is no count");
        assertThat(none).doesNotExist();
    }

    /** What a telephone reads off a page tells whether the page holds. */
    @Test
    void platesKnowAnOldPageByItsCode() {
        assertThat(run("plates", tarn, "--code", "palanca;P1 A;4;0123abcd;Tarn 4"))
                .isEqualTo(ExitCodes.PROBLEMS);
        assertThat(out).contains("P1 A × 4 is old", "have changed");
        assertThat(run("plates", tarn, "--code", "palanca;P9 A;4;0123abcd;Tarn 4"))
                .isEqualTo(ExitCodes.PROBLEMS);
        assertThat(out).contains("takes no plate P9 A any more");
        assertThat(run("plates", tarn, "--code", "palanca;P1 A;4;0123abcd;Another"))
                .isEqualTo(ExitCodes.PROBLEMS);
        assertThat(out).contains("is a page of “Another”");
        assertThat(run("plates", tarn, "--code", "P1 A")).isEqualTo(ExitCodes.USAGE);
        assertThat(err).contains("not the code of a plate’s page");
    }

    @Test
    void checkNamesEveryProblemWithItsPlace() throws IOException {
        assertThat(run("check", tarn)).isEqualTo(ExitCodes.OK);
        assertThat(out)
                .contains("every axle closes", "Measure: Most likely wrong: tape horn right to kick right")
                .contains("Rear axle, Axle: Axle line: 106 in on the left, 106 1/4 in on the right", "not as wanted");
        String text = Files.readString(tarn);
        Files.writeString(
                tarn, text.replace("\"total_kg\"", "\"total_lb\"").replace("\"track_mm\": 1625.6", "\"track_mm\": -3"));
        assertThat(run("check", tarn)).isEqualTo(ExitCodes.PROBLEMS);
        assertThat(err).contains("/mass/total_lb", "/axles/front/track_mm", "/axles/rear/track_mm", "line ");
    }

    @Test
    void checkTriesTheWholeTravel() throws IOException {
        // Full bump of 71 in: no link reaches there.
        Files.writeString(tarn, Files.readString(tarn).replace("\"bump_mm\": 139.7", "\"bump_mm\": 1800"));
        assertThat(run("check", tarn)).isEqualTo(ExitCodes.PROBLEMS);
        assertThat(out).contains("/axles/front", "in left, ", "in right");
    }

    @Test
    void aPoseOutOfReachHasItsOwnExitCodeAndSaysWhy() {
        assertThat(run("solve", tarn, "--bump", "70 in", "--axle", "rear")).isEqualTo(ExitCodes.DOES_NOT_CLOSE);
        assertThat(out).as("one reason, once").containsOnlyOnce("does not close");
        assertThat(err).contains("Rear axle");
    }

    /** What could not be opened again, or not be written, is refused before anything is. */
    @Test
    void nothingIsWrittenThatNobodyCouldUse() {
        Path tooShort = folder.resolve("short.palanca.json");
        assertThat(run("start", tooShort, "--wheelbase", "10")).isEqualTo(ExitCodes.USAGE);
        assertThat(err).contains("wheelbase is 10 in", "Was a digit lost?");
        assertThat(tooShort).doesNotExist();
        Path text = folder.resolve("sheet.txt");
        assertThat(run("sheet", tarn, text)).isEqualTo(ExitCodes.USAGE);
        assertThat(err).contains("sheet.txt", ".pdf or .svg");
        assertThat(text).doesNotExist();
        assertThat(run("place", tarn, folder.resolve("none").resolve("sheet.pdf")))
                .isEqualTo(ExitCodes.FILE);
        assertThat(err).contains("the folder it should go to does not exist").doesNotContain(".tmp");
        assertThat(run("solve", tarn, "--scheme", "lower")).isEqualTo(ExitCodes.USAGE);
        assertThat(err).contains("no scheme “lower”", "nor any other");
    }

    @Test
    void aWordThatIsNoneOfAFewIsToldTheNearestAsItIsTyped() {
        Path file = folder.resolve("mine.palanca.json");
        assertThat(run("start", file, "--front", "double_wishbones")).isEqualTo(ExitCodes.USAGE);
        assertThat(err).contains("Did you mean “double_wishbone”?").doesNotContain("DOUBLE_WISHBONE");
        assertThat(run("start", file, "--front", "Double-Wishbone", "--steering", "rack", "--use", "STREET"))
                .isEqualTo(ExitCodes.OK);
        assertThat(run("solve", tarn, "--axle", "raer")).isEqualTo(ExitCodes.USAGE);
        assertThat(err).contains("Did you mean “rear”?");
    }

    @Test
    void badWordsGiveUsageAndSayWhatWasUnderstood() {
        assertThat(run("solve", tarn, "--bump", "3 foo")).isEqualTo(ExitCodes.USAGE);
        assertThat(err).contains("Understood “3”, then “foo”");
        assertThat(run("solve", tarn, "--bump", "1,2,3")).isEqualTo(ExitCodes.USAGE);
        assertThat(run("fly", tarn)).isEqualTo(ExitCodes.USAGE);
        assertThat(run()).isEqualTo(ExitCodes.USAGE);
    }

    @Test
    void filesThatCannotBeReadHaveTheirOwnExitCode() {
        assertThat(run("solve", folder)).isEqualTo(ExitCodes.FILE);
        assertThat(err).contains("is a folder");
        assertThat(run("solve", folder.resolve("nothing.json"))).isEqualTo(ExitCodes.FILE);
    }

    @Test
    void sheetWritesAPage() throws IOException {
        Path pdf = folder.resolve("sheet.pdf");
        assertThat(run("sheet", tarn, pdf)).isEqualTo(ExitCodes.OK);
        assertThat(Files.readAllBytes(pdf)).startsWith("%PDF".getBytes());
        assertThat(run("sheet", tarn, folder.resolve("no/such/sheet.pdf"))).isEqualTo(ExitCodes.FILE);
    }

    @Test
    void millimetresWorkBothWays() throws IOException {
        assertThat(run("solve", tarn, "--units", "mm", "--bump", "-165.1", "--axle", "rear"))
                .isEqualTo(ExitCodes.OK);
        assertThat(out).contains("129 %", " mm").doesNotContainPattern("\\d in\\b");
        run("solve", tarn, "--json", "--bump", "-165.1mm", "--axle", "rear");
        double metric =
                json().at("/axles/rear/results/anti_squat_percent/value").asDouble();
        run("solve", tarn, "--json", "--bump", "-6 1/2", "--axle", "rear");
        assertThat(json().at("/axles/rear/results/anti_squat_percent/value").asDouble())
                .isCloseTo(metric, within(1e-9));
    }

    @Test
    void oneWheelAloneCanBeMoved() throws IOException {
        run("solve", tarn, "--json", "--bump", "2,-3", "--axle", "rear");
        double twisted = json().at("/axles/rear/results/axle_steer_deg/value").asDouble();
        run("solve", tarn, "--json", "--bump", "-3,2", "--axle", "rear");
        assertThat(json().at("/axles/rear/results/axle_steer_deg/value").asDouble())
                .isCloseTo(-twisted, within(1e-9));
        assertThat(Math.abs(twisted)).isGreaterThan(1e-3);
    }

    @Test
    void parallelLinksAreAtInfinityInJsonAndNeverAHugeNumber() throws IOException {
        // Uppers and lowers level: their side projections never meet.
        String text = Files.readString(tarn)
                .replace("\"up_mm\": 628.65", "\"up_mm\": 698.5")
                .replace("\"up_mm\": 514.35", "\"up_mm\": 393.7");
        Files.writeString(tarn, text);
        assertThat(run("solve", tarn, "--json", "--axle", "rear")).isEqualTo(ExitCodes.OK);
        JsonNode centre = json().at("/axles/rear/results/instant_centre_ahead_mm");
        assertThat(centre.path("value").isNull()).isTrue();
        assertThat(centre.path("at_infinity").asBoolean()).isTrue();
        assertThat(centre.path("slope_ratio").asDouble()).isCloseTo(0, within(1e-9));
        assertThat(json().at("/axles/rear/results/anti_squat_percent/value").asDouble())
                .isCloseTo(0, within(1e-6));
        run("solve", tarn, "--axle", "rear");
        assertThat(out).contains("∞", "at infinity, line sloping");
    }

    @Test
    void anAxleThatLacksItsPanhardIsNamedWithWhatToAdd() throws IOException {
        String text = Files.readString(tarn);
        JsonNode tree = new ObjectMapper().readTree(text);
        ((com.fasterxml.jackson.databind.node.ObjectNode) tree.at("/axles/front/links")).remove("panhard");
        Files.writeString(tarn, tree.toPrettyString());
        assertThat(run("check", tarn)).isEqualTo(ExitCodes.PROBLEMS);
        assertThat(out).contains("No link uses mount “panhard frame”", "Front axle", "Add a panhard");
        run("solve", tarn, "--axle", "front", "--json");
        assertThat(json().at("/axles/front/results/roll_centre_height_mm/why").asText())
                .contains("Add a panhard");
    }

    @Test
    void sweepsGoAlongRollToo() {
        assertThat(run("sweep", tarn, "--axle", "rear", "--along", "roll", "--csv", "--poses", "3"))
                .isEqualTo(ExitCodes.OK);
        String[] lines = out.split("\\R");
        assertThat(lines[1]).startsWith("left_travel_mm,right_travel_mm,anti_squat_percent");
        assertThat(lines[2]).startsWith("-139.7,139.7,");
        assertThat(lines[3]).startsWith("0.0,0.0,");
        assertThat(lines[4]).startsWith("139.7,-139.7,");
    }

    @Test
    void sweepsTakeAnyMixOfTravel() {
        assertThat(run("sweep", tarn, "--axle", "rear", "--csv", "--poses", "2", "--from", "2,-1", "--to", "-1/2"))
                .isEqualTo(ExitCodes.OK);
        String[] lines = out.split("\\R");
        assertThat(travel(lines[2])).containsExactly(new double[] {50.8, -25.4}, within(1e-9));
        assertThat(travel(lines[3])).containsExactly(new double[] {-12.7, -12.7}, within(1e-9));
        assertThat(run("sweep", tarn, "--from", "1,2,3")).isEqualTo(ExitCodes.USAGE);
        assertThat(err).contains("--from takes one length or two");
    }

    private static double[] travel(String line) {
        String[] cells = line.split(",");
        return new double[] {Double.parseDouble(cells[0]), Double.parseDouble(cells[1])};
    }

    @Test
    void helpIsThereForEveryCommand() {
        for (String command : new String[] {"solve", "sweep", "check", "sheet"}) {
            assertThat(run(command, "--help")).isEqualTo(ExitCodes.OK);
            assertThat(out).contains("Usage: palanca " + command, "FILE");
        }
        assertThat(run("--help")).isEqualTo(ExitCodes.OK);
        assertThat(out).contains("Exit codes");
        assertThat(run("--version")).isEqualTo(ExitCodes.OK);
        assertThat(out).contains("Palanca");
    }

    @Test
    void anAxleThatIsNotThereIsNamed() throws IOException {
        Path sedge = folder.resolve("sedge.palanca.json");
        try (InputStream in = MainTest.class.getResourceAsStream("/org/palanca/examples/sedge.palanca.json")) {
            Files.copy(in, sedge);
        }
        assertThat(run("solve", sedge, "--axle", "front")).isEqualTo(ExitCodes.USAGE);
        assertThat(err).contains("no front axle");
    }

    @Test
    void aNewerFileIsReadWithAWarning() throws IOException {
        Files.writeString(tarn, Files.readString(tarn).replace("\"version\": 2", "\"version\": 3, \"later\": true"));
        assertThat(run("solve", tarn)).isEqualTo(ExitCodes.OK);
        assertThat(err).contains("newer version", "read-only");
    }

    @Test
    void steerTellsWhereTheRackBelongs() throws IOException {
        Path roadster = folder.resolve("roadster.palanca.json");
        try (var in = MainTest.class.getResourceAsStream("/org/palanca/examples/plover.palanca.json")) {
            Files.copy(in, roadster);
        }
        assertThat(run("steer", roadster, "--axle", "front")).isEqualTo(ExitCodes.OK);
        assertThat(out)
                .contains("Double wishbones", "Camber", "Full lock", "Turning circle", "1 1/16 in up: toe moves")
                .contains("As it is: toe moves 2.5°", "at the tread", "tie rods", "But then: ");
        assertThat(run("solve", roadster, "--axle", "front", "--steer", "100", "--scheme", "struts in front"))
                .isEqualTo(ExitCodes.OK);
        assertThat(out).contains("Ackermann");
        assertThat(run("solve", roadster, "--scheme", "none")).isEqualTo(ExitCodes.USAGE);
        assertThat(err).contains("struts in front");
        assertThat(run("solve", roadster, "--steer", "130")).isEqualTo(ExitCodes.USAGE);
    }

    @Test
    void startWritesAnyTypeAndRefusesWhatDoesNotGoTogether() {
        Path file = folder.resolve("mine.palanca.json");
        assertThat(run("start", file, "--rear", "leaf_springs", "--front", "radius_arms", "--steering", "high_steer"))
                .isEqualTo(ExitCodes.OK);
        assertThat(run("check", file)).isEqualTo(ExitCodes.OK);
        assertThat(run("start", file)).isEqualTo(ExitCodes.USAGE);
        assertThat(err).contains("is there already");
        Path other = folder.resolve("other.palanca.json");
        assertThat(run("start", other, "--front", "leaf_springs", "--steering", "rack"))
                .isEqualTo(ExitCodes.USAGE);
        assertThat(err).contains("pitman");
        assertThat(other).doesNotExist();
    }

    @Test
    void surveyNamesMarksDoubtsAndTheOddReading() {
        assertThat(run("survey", tarn)).isEqualTo(ExitCodes.OK);
        assertThat(out)
                .contains("crossmember left", "±", "by definition", "more than needed")
                .contains("Most likely wrong: tape horn right to kick right")
                .contains("It is determined by readings from what stays. tape tail right to hanger left 36 5/8 in");
        assertThat(run("survey", tarn, "--units", "mm")).isEqualTo(ExitCodes.OK);
        assertThat(out).contains(" mm").doesNotContain(" in ");
    }

    @Test
    void fitNamesWhatIsTightAndWhatStops() {
        assertThat(run("fit", tarn, "--axle", "rear")).isEqualTo(ExitCodes.OK);
        // By hand: a locker 3187 mm back is 2.22 in behind a tyre of 34 1/2 in on a line of 106 in.
        assertThat(out)
                .contains("The left tyre clears the outer lip by 1 5/16 in with one wheel up")
                .contains("The axle could go back 2 1/16 in", "at full bump")
                .contains("Thrust line", "Diagonals from", "Shaft: 44 3/16 in");
        assertThat(run("fit", tarn, "--axle", "front")).isEqualTo(ExitCodes.OK);
        assertThat(out).contains("Nothing is known yet");
    }

    @Test
    void housingPrintsWhatFollowsAndWritesItsSheet() throws IOException {
        Path sheet = folder.resolve("housing.svg");
        assertThat(run("housing", tarn, "--sheet", sheet)).isEqualTo(ExitCodes.OK);
        assertThat(out)
                .contains("left tube ", "20 9/16 in  follows", "62 in  known", "nothing is known of its housing");
        assertThat(Files.readString(sheet)).startsWith("<svg").contains("Housing: what to cut");
        assertThat(folder.resolve("housing-2.svg")).exists();
    }

    @Test
    void placeWritesASheetAMount() throws IOException {
        Path sheet = folder.resolve("place.pdf");
        assertThat(run("place", tarn, sheet, "--axle", "rear")).isEqualTo(ExitCodes.OK);
        assertThat(Files.size(sheet)).isGreaterThan(10_000);
        Path one = folder.resolve("one.svg");
        assertThat(run("place", tarn, one, "--mount", "upper frame left")).isEqualTo(ExitCodes.OK);
        assertThat(Files.readString(one)).contains("tape from", "upper frame left");
        assertThat(run("place", tarn, one, "--mount", "upper fram left")).isEqualTo(ExitCodes.USAGE);
        assertThat(err).contains("Did you mean “upper frame left”?");
        assertThat(run("place", tarn, one, "--hole", "7/8", "--bolt", "1/2")).isEqualTo(ExitCodes.USAGE);
        assertThat(err).contains("leaves nothing of the 0.125 in allowed");
        assertThat(run("place", tarn, one, "--hole", "7/8"))
                .as("no slop is taken off where it can't be known")
                .isEqualTo(ExitCodes.USAGE);
        assertThat(run("place", tarn, one, "--bolt", "1/2")).isEqualTo(ExitCodes.USAGE);
        assertThat(err).contains("give --hole and --bolt together");
        Path sedge = folder.resolve("new.palanca.json");
        assertThat(run("start", sedge)).isEqualTo(ExitCodes.OK);
        assertThat(run("place", sedge, one)).isEqualTo(ExitCodes.PROBLEMS);
        assertThat(err).contains("Measure the frame first");
    }

    @Test
    void aSimulatedGaugeServesForAWhile() {
        assertThat(run("instrument", "angle", "--port", "0", "--seconds", "1", "--shows", "4.5"))
                .isEqualTo(ExitCodes.OK);
        assertThat(out).contains("A simulated angle instrument streams at port");
        assertThat(run("instrument", "angle", "--port", "70000")).isEqualTo(ExitCodes.USAGE);
    }

    @Test
    void cycleNamesWhatEndsTheTravelAndWhatHelps() throws IOException {
        Path sheet = folder.resolve("cycle.pdf");
        assertThat(run("cycle", tarn, "--axle", "rear", "--sheet", sheet)).isEqualTo(ExitCodes.OK);
        assertThat(out)
                .contains(
                        "! Up travel is 4 5/8 in of 5 1/2 in wanted: the tank guard meets the bracket of upper axle left.")
                .contains("moving the tank guard 3/4 in up gives 5 7/16 in")
                .contains("! The tank guard goes 13/16 in into the bracket of upper axle")
                .contains(sheet.toString());
        assertThat(Files.size(sheet)).isGreaterThan(5_000);
    }

    @Test
    void rideTellsShocksSpringsAndShafts() {
        assertThat(run("ride", tarn)).isEqualTo(ExitCodes.OK);
        assertThat(out)
                .contains("of shaft left at full bump", "Wheel rate at ride", "Hz")
                .contains("! Turns unevenly", "school is parallel to the gearbox’s shaft: 3.0°");
        assertThat(run("ride", tarn, "--units", "mm")).isEqualTo(ExitCodes.OK);
        assertThat(out).contains("N/mm", "N·m/°").doesNotContain("lbf");
    }

    @Test
    void slopeTellsLoadsResultsAndTipAngles() {
        assertThat(run("slope", tarn, "--climb", "10", "--across", "15", "--rock", "rear-left=8", "--tip"))
                .isEqualTo(ExitCodes.OK);
        assertThat(out).contains("Front ", "F h / L =", "it tips at", "Anti-squat");
        assertThat(run("slope", tarn, "--across", "70")).isEqualTo(ExitCodes.DOES_NOT_CLOSE);
        assertThat(out).contains("No pose holds here");
        assertThat(run("slope", tarn, "--rock", "middle=3")).isEqualTo(ExitCodes.USAGE);
        assertThat(err).contains("“middle=3” names no wheel and height");
        assertThat(run("slope", tarn, "--climb", "88")).isEqualTo(ExitCodes.USAGE);
    }

    @Test
    void simulatedScalesServeForAWhile() {
        assertThat(run("instrument", "scales", "--port", "0", "--seconds", "1", "--shows", "2380"))
                .isEqualTo(ExitCodes.OK);
        assertThat(out).contains("A simulated scales instrument streams");
        assertThat(run("instrument", "anvil", "--port", "0")).isEqualTo(ExitCodes.USAGE);
        assertThat(err).contains("There is no simulated “anvil”");
    }
}
