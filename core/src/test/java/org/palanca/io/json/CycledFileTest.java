package org.palanca.io.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;
import static org.palanca.base.units.Lengths.inches;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.palanca.Examples;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.ClearanceRules;
import org.palanca.vehicle.PlacingLimits;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.Finding;

/** Springs, shapes and shafts in a file by hand: what is wrong is named with its line, and older files still open. */
class CycledFileTest {
    @TempDir
    private Path folder;

    private String refused(String text) throws IOException {
        Path file = Files.writeString(folder.resolve("vehicle.palanca.json"), text);
        VehicleFileException failure = catchThrowableOfType(VehicleFileException.class, () -> VehicleFile.open(file));
        assertThat(failure).as("the file is refused").isNotNull();
        StringBuilder said = new StringBuilder();
        for (Finding finding : failure.findings()) {
            assertThat(finding.line()).as("its line").isPositive();
            said.append(finding.place())
                    .append(": ")
                    .append(Examples.WORDS.text(finding.message()))
                    .append('\n');
        }
        return said.toString();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            quoteCharacter = '`',
            value = {
                "\"backspacing_mm\": 114.3 | \"backspacing_mm\": 300 | The backspacing of 11 13/16 in is more than the whole rim, 9 in",
                "\"diameter_mm\": 431.8 | \"diameter_mm\": 900 | The rim is 35 7/16 in and the tyre 34 1/2 in across",
                "\"preload_mm\" | \"preload_inch\" | “preload_inch” is not known in “coilover left”",
                "\"forces_n\": [ | \"forces_n\": [ -5, | -5",
                "\"upper\": \"shock upper left\" | \"upper\": \"shock uper left\" | “coilover left” goes to mount “shock uper left”",
                "\"class\": \"service\" | \"class\": \"airy\" | fixed, moving, tyre, driveline, service",
                "\"radius_mm\": 22 | \"radius_mm\": 0 | Tube “socket on the lower shock bolt, left” needs a radius of more than 0",
                "\"name\": \"tank guard\", | \"name\": \"tank\", | Two parts are called “tank”",
                "\"collapsed_mm\": 444.5 | \"collapsed_mm\": 900 | it needs some stroke",
                "\"length_mm\": 406.4 | \"lenght_mm\": 406.4 | “lenght_mm” is not known in “0”. The nearest name is “length_mm”",
                "\"length_mm\": 406.4 | \"length_mm\": 0 | “length_mm” is 0; it must be more than 0",
                "\"bend_mm\": 50.8 | \"well\": 50.8 | “well” is not known in “0”. The nearest name is",
                "\"from\": \"strap upper left\" | \"from\": \"strap lower left\" | Both ends of “strap left” are on the axle"
            })
    void whatIsWrongIsNamedWithItsLine(String from, String to, String expected) throws IOException {
        String text = Examples.text("tarn-4.palanca.json");
        assertThat(text).contains(from);
        int rear = text.indexOf("\"rear\": {");
        int at = text.indexOf(from, rear);
        String broken = text.substring(0, at) + to + text.substring(at + from.length());
        assertThat(refused(broken)).contains(expected);
    }

    @Test
    void aPartWithTwoShapesOrNoneIsToldWhatIsWanted() throws IOException {
        String text = Examples.text("tarn-4.palanca.json");
        String two = text.replace(
                "\"radius_mm\": 22",
                "\"radius_mm\": 22, \"along\": \"up\", \"from_mm\": 0, \"to_mm\": 1,"
                        + " \"outline_mm\": [0, 0, 1, 0, 1, 1]");
        assertThat(refused(two)).contains("needs one shape: a box");
        assertThat(refused(text.replaceFirst("\"bottom_mm\": 841,", ""))).contains("needs one shape: a box");
    }

    /** What was typed in Place is kept with the vehicle, and is asked whether it can be. */
    @Test
    void whatIsAllowedInPlacingIsKept() throws Exception {
        Vehicle gorse = Examples.vehicle("gorse.palanca.json");
        PlacingLimits typed = new PlacingLimits(inches(3.0 / 16), inches(17.0 / 32), inches(0.5), true);
        Path file = folder.resolve("placed.palanca.json");
        VehicleFile.save(file, gorse.withBuild(gorse.build().withPlacing(typed)));
        PlacingLimits back = VehicleFile.open(file).vehicle().build().placing();
        assertThat(back.tolerance()).isCloseTo(typed.tolerance(), within(1e-9));
        assertThat(back.slop()).isCloseTo(inches(1.0 / 64), within(1e-9));
        String text = Files.readString(file);
        String bolt = "(\"hole_mm\" : [0-9.]+,\\s*\"bolt_mm\" :) [0-9.]+";
        assertThat(refused(text.replaceFirst(bolt, "$1 15.875")))
                .contains("/build/placing/bolt_mm", "A bolt of 0.625 in does not go into a hole of 0.531 in");
        assertThat(refused(text.replaceFirst(bolt, "$1 3")))
                .contains("/build/placing/tolerance_mm", "which leaves nothing of the 0.188 in allowed");
    }

    /** What older files do not have is as usual: nothing springs, the usual room, a shaft with two joints. */
    @Test
    void filesWithoutAnyOfItStillOpen() throws Exception {
        Vehicle gorse = Examples.vehicle("gorse.palanca.json");
        assertThat(gorse.axle(AxlePlace.REAR).orElseThrow().springing().isEmpty())
                .isTrue();
        assertThat(gorse.build().rules()).isEqualTo(ClearanceRules.COMMON);
        assertThat(gorse.build().weights()).isEmpty();
        assertThat(gorse.build().placing()).isEqualTo(PlacingLimits.COMMON);
        Path file = folder.resolve("same.palanca.json");
        VehicleFile.save(file, gorse);
        assertThat(Files.readString(file)).doesNotContain("springing", "clearance", "parts", "placing");
    }
}
