package org.palanca.io.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.palanca.Examples;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.TargetBand;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.Finding;
import org.palanca.vehicle.edit.MountMoves;

class VehicleFileTest {
    @TempDir
    private Path folder;

    private Path write(String text) throws IOException {
        return Files.writeString(folder.resolve("vehicle.palanca.json"), text);
    }

    private VehicleFileException refused(String text) throws IOException {
        Path file = write(text);
        VehicleFileException failure = catchThrowableOfType(VehicleFileException.class, () -> VehicleFile.open(file));
        assertThat(failure).as("the file is refused").isNotNull();
        assertThat(Files.readString(file)).as("the file is untouched").isEqualTo(text);
        return failure;
    }

    private static String said(VehicleFileException failure) {
        StringBuilder text = new StringBuilder(Examples.WORDS.text(failure.summary()));
        for (Finding finding : failure.findings()) {
            text.append("\nline ")
                    .append(finding.line())
                    .append(' ')
                    .append(finding.place())
                    .append(": ");
            text.append(Examples.WORDS.text(finding.message()));
        }
        return text.toString();
    }

    static List<String> examples() {
        return Examples.FILES;
    }

    @ParameterizedTest
    @MethodSource("examples")
    void savingAndOpeningChangesNothing(String example) throws Exception {
        Vehicle vehicle = Examples.vehicle(example);
        Path file = folder.resolve("again.palanca.json");
        VehicleFile.save(file, vehicle);
        assertThat(VehicleFile.open(file).vehicle()).isEqualTo(vehicle);
        byte[] first = Files.readAllBytes(file);
        VehicleFile.save(file, VehicleFile.open(file).vehicle());
        assertThat(Files.readAllBytes(file)).isEqualTo(first);
    }

    @Test
    void shippedFilesAreInTheWritersOwnOrder() throws Exception {
        for (String example : Examples.FILES) {
            Path file = folder.resolve(example);
            VehicleFile.save(file, Examples.vehicle(example));
            List<String> written = Files.readAllLines(file);
            List<String> shipped =
                    new ArrayList<>(Examples.text(example).lines().toList());
            written.replaceAll(line -> line.replaceAll("\\s", ""));
            shipped.replaceAll(line -> line.replaceAll("\\s", ""));
            assertThat(written).isEqualTo(shipped);
        }
    }

    /** A drag ends between the file's digits; saving must not move the mount or any number by it. */
    @Test
    void aMovedMountIsTheSameAfterSaving() throws Exception {
        Vehicle moved = MountMoves.moveTo(
                Examples.tarn(),
                new MountRef(AxlePlace.REAR, "upper frame right"),
                new Vector3D(-2.0123456789123, -0.41234567891, 0.6234567891234));
        moved = moved.withTarget(
                "rear.anti_squat",
                Optional.of(new TargetBand(60, Double.POSITIVE_INFINITY, TargetBand.Scope.RIDE, "ours")));
        Path file = folder.resolve("moved.palanca.json");
        VehicleFile.save(file, moved);
        assertThat(VehicleFile.open(file).vehicle()).isEqualTo(moved);
        assertThat(moved.axle(AxlePlace.REAR)
                        .orElseThrow()
                        .mount("upper frame right")
                        .orElseThrow()
                        .placement())
                .isInstanceOf(Placement.MirrorOf.class);
    }

    @Test
    void aChangeOfOneMountChangesOneLine() throws Exception {
        Path before = folder.resolve("a.json");
        Path after = folder.resolve("b.json");
        Vehicle tarn = Examples.tarn();
        MountRef upper = new MountRef(AxlePlace.REAR, "upper frame left");
        Vector3D at = tarn.axle(AxlePlace.REAR).orElseThrow().position(upper.mount(), tarn.wheelbase());
        VehicleFile.save(before, tarn);
        VehicleFile.save(after, MountMoves.moveTo(tarn, upper, at.add(new Vector3D(0, 0, 0.01))));
        List<String> a = Files.readAllLines(before);
        List<String> b = Files.readAllLines(after);
        assertThat(a).hasSameSizeAs(b);
        long different = 0;
        for (int i = 0; i < a.size(); i++) {
            different += a.get(i).equals(b.get(i)) ? 0 : 1;
        }
        assertThat(different).isEqualTo(1);
    }

    @Test
    void theContentsBeforeAreKept() throws Exception {
        Path file = folder.resolve("kept.palanca.json");
        VehicleFile.save(file, Examples.tarn());
        VehicleFile.save(file, Examples.tarn().withName("Second"));
        assertThat(VehicleFile.open(folder.resolve("kept.palanca.json.bak"))
                        .vehicle()
                        .name())
                .isEqualTo("Tarn 4");
        try (var files = Files.list(folder)) {
            assertThat(files).hasSize(2);
        }
    }

    // --- Bad input -------------------------------------------------------------------------------------------------

    @Test
    void notJson() throws IOException {
        assertThat(said(refused("hello"))).contains("not a vehicle file", "line 1");
    }

    @Test
    void truncated() throws IOException {
        String whole = Examples.text("tarn-4.palanca.json");
        assertThat(said(refused(whole.substring(0, whole.length() / 2)))).contains("ends in the middle", ".bak");
        assertThat(said(refused(""))).contains("is empty");
    }

    @Test
    void anotherKindOfJson() throws IOException {
        assertThat(said(refused("{\"format\": \"shopping-list\"}"))).contains("not a vehicle");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                // what is replaced | by what | what must be said
                "\"wheelbase_mm\": 2692.4 | \"weelbase_mm\": 2692.4 | “weelbase_mm” is not known;nearest name is “wheelbase_mm”;“wheelbase_mm” is missing;line 8",
                "\"wheelbase_mm\": 2692.4 | \"wheelbase_mm\": 0 | wheelbase is 0 in;line 8",
                "\"wheelbase_mm\": 2692.4 | \"wheelbase_mm\": 1e308 | 1.0E308;100000 or less;line 8",
                "\"wheelbase_mm\": 2692.4 | \"wheelbase_mm\": NaN | not a vehicle file;line 8;NaN",
                "\"wheelbase_mm\": 2692.4 | \"wheelbase_mm\": \"106\" | a number is wanted",
                "\"centre_of_gravity_height_mm\": 749.3 | \"centre_of_gravity_height_mm\": -20 | must be above it",
                "\"from\": \"upper frame left\" | \"from\": \"uper frame left\" | goes to mount “uper frame left”;nearest name is “upper frame left”",
                "\"to\": \"upper axle left\" | \"to\": \"upper frame right\" | Both ends of link “upper left” are on the frame",
                "\"mirror_of\": \"lower frame left\" | \"mirror_of\": \"nothing\" | mirrors “nothing”",
                "\"use\": \"trail\" | \"use\": \"boat\" | must be one of: trail, track, drag, street",
                "\"side\": \"left\", | | needs one way of placing",
                "\"upper frame right\": { | \"upper frame left\": { | named twice;first is on line"
            })
    void eachProblemIsNamedWithItsPlace(String what, String by, String expected) throws IOException {
        String text = Examples.text("tarn-4.palanca.json");
        String squeezed = text.replace(what.strip(), by == null ? "" : by.strip());
        assertThat(squeezed).as("the text to replace is there").isNotEqualTo(text);
        String said = said(refused(squeezed));
        for (String part : expected.strip().split(";")) {
            assertThat(said).contains(part);
        }
    }

    @Test
    void twoLinksOnOneLine() throws IOException {
        String text = Examples.text("tarn-4.palanca.json")
                .replace("\"from\": \"upper frame right\"", "\"from\": \"upper frame left\"")
                .replace("\"to\": \"upper axle right\"", "\"to\": \"upper axle left\"");
        assertThat(said(refused(text))).contains("“upper left” and “upper right” lie on one line");
    }

    @Test
    void linksThatCannotReachAreNamedWithTheAmount() throws Exception {
        String text = Examples.text("tarn-4.palanca.json");
        String link = "\"to\": \"panhard axle\"";
        assertThat(text).contains(link);
        Vehicle vehicle = VehicleFile.open(write(text.replace(link, link + ", \"length_mm\": 300")))
                .vehicle();
        var model = new org.palanca.result.AxleModel(vehicle, AxlePlace.FRONT);
        assertThat(model.closed()).isFalse();
        assertThat(Examples.WORDS.text(model.whyOpen().orElseThrow()))
                .contains("Front axle", "panhard", "too short by", "in to reach");
    }

    @Test
    void aNewerVersionOpensReadOnlyOrSaysWhyNot() throws Exception {
        String newer = Examples.text("tarn-4.palanca.json")
                .replace("\"version\": 1", "\"version\": 2, \"turbo_encabulator\": true");
        VehicleFile.Opened opened = VehicleFile.open(write(newer));
        assertThat(opened.readOnly()).isTrue();
        assertThat(opened.vehicle().name()).isEqualTo("Tarn 4");
        assertThat(said(refused(newer.replace("\"mass\"", "\"masses\"")))).contains("newer version");
    }

    @Test
    void aFolderAMissingFileAndAMissingFolder() {
        assertThat(said(catchThrowableOfType(VehicleFileException.class, () -> VehicleFile.open(folder))))
                .contains("is a folder");
        Path missing = folder.resolve("none.json");
        assertThat(said(catchThrowableOfType(VehicleFileException.class, () -> VehicleFile.open(missing))))
                .contains("no such file");
        Path nowhere = folder.resolve("no/such/place.json");
        assertThat(said(catchThrowableOfType(
                        VehicleFileException.class, () -> VehicleFile.save(nowhere, Examples.tarn()))))
                .contains("folder it should go to does not exist");
        assertThat(said(catchThrowableOfType(
                        VehicleFileException.class, () -> VehicleFile.save(folder, Examples.tarn()))))
                .contains("is a folder");
    }
}
