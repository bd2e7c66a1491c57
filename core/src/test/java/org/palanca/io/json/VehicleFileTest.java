package org.palanca.io.json;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;
import static org.assertj.core.api.Assertions.within;

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
import org.palanca.result.Result;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.targets.Targets;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.Hole;
import org.palanca.vehicle.Linkage;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Placement;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.TargetBand;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.Finding;
import org.palanca.vehicle.edit.MountMoves;
import org.palanca.vehicle.housing.Housing;
import org.palanca.vehicle.layout.StarterLayout;
import org.palanca.vehicle.layout.StarterVehicle;

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

    /** Springs of every kind, shapes of every form, shafts, weights and rules: all of it comes back. */
    @Test
    void everythingThatIsCycledComesBackFromAFile() throws Exception {
        Vehicle vehicle = FilledVehicles.cycled();
        Axle rear = vehicle.axle(AxlePlace.REAR).orElseThrow();
        Path file = folder.resolve("cycled.palanca.json");
        VehicleFile.save(file, vehicle);
        Vehicle back = VehicleFile.open(file).vehicle();
        assertThat(back.build()).isEqualTo(vehicle.build());
        Path again = folder.resolve("again.palanca.json");
        VehicleFile.save(again, back);
        assertThat(Files.readString(again)).isEqualTo(Files.readString(file));
        assertThat(back.axle(AxlePlace.REAR).orElseThrow().springing().names())
                .isEqualTo(rear.springing().names());
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

    /** A survey, a housing, what was found and ticked: each comes back as it was, and takes nothing where there is none. */
    @Test
    void whatIsKnownFromTheFloorComesBack() throws Exception {
        Vehicle full = FilledVehicles.fromTheFloor();
        Path file = folder.resolve("full.palanca.json");
        VehicleFile.save(file, full);
        Vehicle opened = VehicleFile.open(file).vehicle();
        assertThat(opened.build().log()).isEqualTo(full.build().log());
        assertThat(opened.build().housing(AxlePlace.FRONT).ends()).isEqualTo(Housing.Ends.KNUCKLE);
        assertThat(opened.build().survey().mark("hook"))
                .isEqualTo(full.build().survey().mark("hook"));
        assertThat(opened.build().found().get(0).readings().get(0).value())
                .isCloseTo(full.build().found().get(0).readings().get(0).value(), within(1e-8));
        VehicleFile.save(file, opened);
        assertThat(VehicleFile.open(file).vehicle()).isEqualTo(opened);
        VehicleFile.save(file, full.withBuild(Build.NONE));
        assertThat(Files.readString(file)).doesNotContain("\"build\"");
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
    void truncated() throws Exception {
        String whole = Examples.text("tarn-4.palanca.json");
        String half = whole.substring(0, whole.length() / 2);
        assertThat(said(refused(half))).contains("ends in the middle", "no copy of it beside it");
        assertThat(said(refused(""))).contains("is empty", "no copy of it beside it");
        Path file = write(whole);
        VehicleFile.save(file, Examples.tarn().withName("after"));
        assertThat(said(refused(half))).contains("ends in the middle", "beside it in vehicle.palanca.json.bak");
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
                "\"to\": \"upper axle left\" | \"to\": \"upper frame right\" | Both ends of “upper left” are on the frame",
                "\"mirror_of\": \"lower frame left\" | \"mirror_of\": \"nothing\" | mirrors “nothing”",
                "\"use\": \"trail\" | \"use\": \"boat\" | must be one of: trail, track, drag, street",
                "\"side\": \"left\", | | needs one way of placing",
                "\"upper frame right\": { | \"upper frame left\": { | named twice;first is on line",
                // What is known from the floor.
                "\"from\": \"horn left\" | \"from\": \"horn lefft\" | no mark “horn lefft”;Did you mean “horn left”",
                "\"kind\": \"height\" | \"kind\": \"hight\" | must be one of: distance, height, offset",
                "\"kind\": \"ahead\" | \"kind\": \"slope\" | “to” is missing;“values_deg” is missing",
                "\"to\": \"horn right\" | \"to\": \"horn left\" | goes from “horn left” to itself",
                "\"rule\": \"never_cut\" | \"rule\": \"rather_not\" | must be one of: never_cut, may_bend, may_cut",
                "\"rear_mm\": -3480 | \"rear_mm\": 3480 | “tank crossmember” is inside out",
                "\"holds\": \"the frame\" | \"hold\": \"the frame\" | “hold” is not known",
                "\"left_end_mark\": \"axle end left\" | \"left_end_mark\": \"axle and left\" | Did you mean “axle end left”",
                "\"school\": \"ends_first\" | \"school\": \"no_school\" | must be one of: brackets_first, ends_first",
                "\"stop_left\": 184.15 | \"stopp_left\": 184.15 | stopp_left",
                "\"stage\": \"before\" | \"stage\": \"later\" | must be one of: before, between, after",
                "\"log\": [ ] | \"log\": [ {\"job\": \"a\", \"step\": \"b\", \"date\": \"2026-02-31\"} ] | 2026-02-31"
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
        var model = new org.palanca.result.catalogue.AxleModel(vehicle, AxlePlace.FRONT);
        assertThat(model.closed()).isFalse();
        assertThat(Examples.WORDS.text(model.whyOpen().orElseThrow()))
                .contains("Front axle", "panhard", "too short by", "in to reach");
    }

    @Test
    void aNewerVersionOpensReadOnlyOrSaysWhyNot() throws Exception {
        String newer = Examples.text("tarn-4.palanca.json")
                .replace("\"version\": 2", "\"version\": 3, \"turbo_encabulator\": true");
        VehicleFile.Opened opened = VehicleFile.open(write(newer));
        assertThat(opened.readOnly()).isTrue();
        assertThat(opened.vehicle().name()).isEqualTo("Tarn 4");
        assertThat(said(refused(newer.replace("\"mass\"", "\"masses\"")))).contains("newer version");
    }

    /** Files of version 1 knew no types; they open as what their links say. */
    @Test
    void version1OpensAndTellsItsTypesByItsLinks() throws Exception {
        String first = Examples.text("tarn-4.palanca.json")
                .replace("\"version\": 2", "\"version\": 1")
                .replaceAll("\"type\": \"[a-z_]*\",", "");
        VehicleFile.Opened opened = VehicleFile.open(write(first));
        assertThat(opened.readOnly()).isFalse();
        assertThat(opened.vehicle()).isEqualTo(Examples.tarn());
    }

    /** What is new in version 2 comes back as it was: joints, springs, steering, rates, holes, schemes. */
    @Test
    void everythingNewComesBack() throws Exception {
        for (Vehicle vehicle : FilledVehicles.ofEveryType()) {
            Axle rear = vehicle.axle(AxlePlace.REAR).orElseThrow();
            Path file = folder.resolve("all.palanca.json");
            VehicleFile.save(file, vehicle);
            Vehicle once = VehicleFile.open(file).vehicle();
            Linkage linkage = once.axle(AxlePlace.REAR).orElseThrow().linkage();
            assertThat(linkage.joints().equals(rear.joints())).as("joints").isTrue();
            assertThat(linkage.leaves()).hasSameSizeAs(rear.linkage().leaves());
            assertThat(linkage.steering().isPresent())
                    .isEqualTo(rear.linkage().steering().isPresent());
            assertThat(holes(once).equals(holes(vehicle))).as("holes").isTrue();
            // Millimetres with six decimals lose the last bit the first time and nothing after that.
            VehicleFile.save(file, once);
            assertThat(VehicleFile.open(file).vehicle().equals(once))
                    .as(rear.type() + " " + rear.steering())
                    .isTrue();
        }
    }

    private static List<Hole> holes(Vehicle vehicle) {
        return vehicle.schemes().get(0).axles().get(0).mounts().get(0).holes();
    }

    @Test
    void aJointWithoutWhatItsKindNeedsIsNamed() throws Exception {
        String text = Examples.text("plover.palanca.json");
        assertThat(said(refused(text.replace("\"kind\": \"guide\"", "\"kind\": \"ball\""))))
                .contains("problems");
        assertThat(refused(text.replace("\"kind\": \"guide\"", "\"kind\": \"ball\""))
                        .findings())
                .anySatisfy(finding -> assertThat(Examples.WORDS.text(finding.message()))
                        .contains("Joint “rack guide” needs what its kind is placed by"));
        assertThat(refused(text.replace("\"joint\": \"rack guide\"", "\"joint\": \"rack gide\""))
                        .findings())
                .anySatisfy(finding ->
                        assertThat(Examples.WORDS.text(finding.message())).contains("no guide or hinge", "rack guide"));
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

    /** A band is filed in the unit of its result, whatever the type: else it would come back as another number. */
    @Test
    void everyResultsBandComesBackInItsOwnUnit() throws Exception {
        for (SuspensionType type : SuspensionType.values()) {
            Vehicle vehicle = new StarterVehicle(
                            "bands", Use.STREET, 2.5, 0.75, Optional.empty(), StarterLayout.of(type))
                    .build();
            AxleModel model = new AxleModel(vehicle, AxlePlace.REAR);
            for (Result result : model.results()) {
                TargetBand band = new TargetBand(0.25, 0.5, TargetBand.Scope.RIDE, "test");
                Vehicle own = vehicle.withTarget(Targets.key(model.axle(), result), Optional.of(band));
                Path file = folder.resolve("bands.palanca.json");
                VehicleFile.save(file, own);
                assertThat(Files.readString(file))
                        .as(result.id())
                        .contains("\"unit\" : \"" + result.quantity().fileUnit() + "\"");
            }
        }
    }

    /** Files say how far a thread stands out under a key that was once another: both open to the same vehicle. */
    @Test
    void aThreadsSettingOpensUnderItsEarlierKey() throws Exception {
        Path file = folder.resolve("earlier.palanca.json");
        VehicleFile.save(file, Examples.tarn());
        String saved = Files.readString(file);
        List<Vehicle> opened = new ArrayList<>();
        for (String key : List.of("exposed_mm", "set_bare_mm")) {
            Files.writeString(file, saved.replaceFirst("\"jam_nut_mm\"", "\"" + key + "\" : 12.5, \"jam_nut_mm\""));
            opened.add(VehicleFile.open(file).vehicle());
        }
        assertThat(opened.get(1)).isEqualTo(opened.get(0));
        assertThat(opened.get(1).hardware().set()).hasValue(0.0125);
    }
}
