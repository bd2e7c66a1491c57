package org.palanca.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.palanca.floor.plate.Plate;
import org.palanca.floor.plate.PlateCode;
import org.palanca.floor.plate.PlateList;
import org.palanca.io.json.VehicleFile;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.Ears;

/** Brackets described, drawn, written for whoever cuts them, and an old drawing told for what it is. */
class BracketsTest extends WindowTest {
    private static final double INCH = 0.0254;

    /** The demo without the brackets that it has: what is described here is all there is. */
    @BeforeEach
    void takeTheBracketsOff() throws Exception {
        Vehicle demo = VehicleFile.open(tarn).vehicle();
        Axle rear = demo.axle(AxlePlace.REAR).orElseThrow();
        for (Mount mount : rear.mounts()) {
            rear = rear.withBracket(mount.name(), Optional.empty());
        }
        VehicleFile.save(tarn, demo.withAxle(rear));
        onFx(() -> window.files().open(tarn));
    }

    /** From nothing described to plates that can be cut; what is missing is said on the way, what can't be made is too. */
    @Test
    void aBracketIsDescribed() throws Exception {
        step("brackets");
        assertThat(texts()).contains("No bracket of the Rear axle is described. At which mount?");
        assertThat(label("#trouble-text")).startsWith("Brackets has nothing to judge yet.");
        press("#describe-lower-frame-left");
        assertThat(card("lower-frame-left"))
                .contains("Not known yet: ")
                .contains("what lower frame left is welded on")
                .contains("how thick the ears are")
                .doesNotContain("what lower frame right");
        eventually(() -> trouble().contains("The bracket at lower frame left can’t be cut: not known yet is"));
        assertThat(rail()).contains("held: not all known: 2");
        choose("#bracket-on", 1);
        assertThat(card("lower-frame-left"))
                .as("a face that was chosen and not taped is none")
                .contains("what lower frame left is welded on");
        enter("#bracket-distance", "3 3/8");
        section("brackets-open-ears");
        press("#bracket-ears");
        assertThat(card("lower-frame-left"))
                .as("one ear's like is the other one's on the other side")
                .contains("P1 A × 2", "P2 A × 2", "taken square to lower left")
                .doesNotContain("Not known yet");
        section("brackets-open-bolt");
        choose("#bracket-bolt-way", 1);
        assertThat(card("lower-frame-left")).contains("P1 A × 4").doesNotContain("taken square");
        section("brackets-open-ears");
        assertThat(ears("lower left"))
                .as("the link on the other side gets the same")
                .isEqualTo(ears("lower right"));
        enter("#bracket-bolt", "3/4");
        assertThat(ears("lower left").hole())
                .as("the hole stays 1/16 in over")
                .isCloseTo(13.0 / 16 * INCH, within(1e-9));
        choose("#bracket-class", 0);
        // ASME B18.2.8, close: 25/32 in for 3/4 in, from memory.
        assertThat(ears("lower left").hole()).isCloseTo(25.0 / 32 * INCH, within(1e-7));
        enter("#bracket-edge", "1/2");
        assertThat(card("lower-frame-left")).contains("from the middle of the hole to the edge");
        assertThat(rail()).contains("held: can’t be made: 2");
        eventually(() -> trouble().contains("from the middle of the hole to the edge"));
        enter("#bracket-edge", "");
        section("brackets-open-form");
        choose("#bracket-form", 1);
        assertThat(card("lower-frame-left")).contains("P1 A × 4", "P2 A × 2", "back");
        push(KeyCode.CONTROL, KeyCode.S);
        settle();
        assertThat(VehicleFile.open(tarn).vehicle()).isEqualTo(window.document().vehicle());
        press("#bracket-drop");
        assertThat(plates()).isEmpty();
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(plates()).hasSize(2);
    }

    /** What is typed wrong is told and changes nothing. */
    @Test
    void whatCantBeIsRefused() {
        described();
        Vehicle before = window.document().vehicle();
        section("brackets-open-ears");
        enter("#bracket-gap", "-2");
        assertThat(trouble()).isNotEmpty().doesNotStartWith("Nothing that");
        enter("#bracket-ear", "0");
        enter("#bracket-hole", "wide");
        assertThat(trouble()).contains("wide");
        push(KeyCode.ESCAPE);
        section("brackets-open-seat");
        enter("#bracket-distance", "-1");
        assertThat(window.document().vehicle()).isEqualTo(before);
    }

    /**
     * Files go out and are written down; when the bolt is another one they are old: the list says so, a cut table refuses them, and
     * so does the code on the page.
     */
    @Test
    void anOldDrawingIsNotCut() throws Exception {
        described();
        Path shop = Files.createDirectory(folder.resolve("shop"));
        Path code = picture(
                PlateCode.of(plates().get(0), window.document().vehicle()).text());
        nextAnswer = shop;
        press("#brackets-files");
        assertThat(files(shop)).containsExactly("P1-A.dxf");
        assertThat(notice()).startsWith("Written: 1 cutting files");
        assertThat(texts()).anyMatch(text -> text.startsWith("1 of 1 plates are out as they are now"));
        press("#brackets-table");
        assertThat(card("table", "P1-A-dxf")).isEqualTo("P1-A.dxf: P1 A is cut");
        press("#brackets-back");
        nextAnswer = code;
        press("#brackets-code");
        assertThat(label("#code-said")).isEqualTo("P1 A × 4: the page holds. Cut it.");
        nextAnswer = shop;
        press("#brackets-table");
        section("brackets-open-ears");
        enter("#bracket-bolt", "3/4");
        assertThat(card("lower-frame-left"))
                .as("what the table said of the plates before is not shown of these")
                .contains("P1 B × 4");
        assertThat(lookup("#code-said").tryQuery()).as("nor what the code did").isEmpty();
        assertThat(label("#stale-P1")).contains("P1 A", "revision B holds");
        assertThat(rail()).contains("held: old plates are out: 1");
        eventually(() -> trouble().contains("revision B holds"));
        nextAnswer = code;
        press("#brackets-code");
        assertThat(label("#code-said")).contains("P1 A × 4 is old", "P1 B × 4", "Don’t cut by this page");
        nextAnswer = shop;
        press("#brackets-table");
        assertThat(card("table", "P1-A-dxf")).contains("P1 A is refused", "P1 A is old: P1 B holds today.");
        press("#brackets-back");
        press("#brackets-files");
        assertThat(files(shop)).containsExactly("P1-A.dxf", "P1-B.dxf");
        assertThat(texts()).noneMatch(text -> text.contains("revision B holds"));
        assertThat(window.document().vehicle().build().issued()).hasSize(2);
        press("#brackets-files");
        assertThat(window.document().vehicle().build().issued())
                .as("written again as they are, they went out once")
                .hasSize(2);
    }

    /** Paper counts once its square is measured in true size, and not before. */
    @Test
    void paperCountsOnceItsSquareIsMeasured() {
        described();
        press("#square-count");
        assertThat(trouble()).contains("both ways");
        enter("#square-across", "1 15/16");
        enter("#square-up", "2");
        press("#square-count");
        assertThat(label("#square-said")).contains("1.938 in by 2.000 in", "no template");
        assertThat(window.document().vehicle().build().issued()).isEmpty();
        enter("#square-across", "2");
        enter("#square-up", "2.01");
        press("#square-count");
        assertThat(label("#square-said")).contains("true size");
        assertThat(window.document().vehicle().build().issued()).hasSize(1);
    }

    /** A picture without a code, and one with another's, are told apart; what is no picture is too. */
    @Test
    void aPictureThatSaysNothingIsTold() throws Exception {
        described();
        nextAnswer = picture("https://example.org");
        press("#brackets-code");
        assertThat(label("#code-said")).isEqualTo("The code in code.png is none of a plate.");
        ImageIO.write(new BufferedImage(80, 60, BufferedImage.TYPE_INT_RGB), "png", nextAnswer.toFile());
        press("#brackets-code");
        assertThat(label("#code-said")).contains("No code was found in code.png");
        Files.writeString(nextAnswer, "no picture");
        press("#brackets-code");
        assertThat(trouble()).contains("code.png is no picture that can be read");
        nextAnswer = Files.createDirectory(folder.resolve("empty"));
        press("#brackets-table");
        assertThat(trouble()).contains("There is no DXF file in");
    }

    /** Two ears at the lower frame mounts, on a face above. */
    private void described() {
        step("brackets");
        press("#describe-lower-frame-left");
        choose("#bracket-on", 1);
        enter("#bracket-distance", "3 3/8");
        section("brackets-open-ears");
        press("#bracket-ears");
        section("brackets-open-bolt");
        choose("#bracket-bolt-way", 1);
        assertThat(plates()).hasSize(1);
    }

    private Path picture(String text) throws Exception {
        BitMatrix modules = new QRCodeWriter().encode(text, BarcodeFormat.QR_CODE, 240, 240);
        BufferedImage image = new BufferedImage(240, 240, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < 240; y++) {
            for (int x = 0; x < 240; x++) {
                image.setRGB(x, y, modules.get(x, y) ? 0 : 0xffffff);
            }
        }
        Path file = folder.resolve("code.png");
        ImageIO.write(image, "png", file.toFile());
        return file;
    }

    private static List<String> files(Path in) throws Exception {
        try (Stream<Path> all = Files.list(in)) {
            return all.map(file -> file.getFileName().toString()).sorted().toList();
        }
    }

    private List<Plate> plates() {
        return PlateList.of(window.document().vehicle()).plates();
    }

    private Ears ears(String link) {
        Vehicle vehicle = window.document().vehicle();
        return vehicle.hardware()
                .end(vehicle.axle(AxlePlace.REAR).orElseThrow().link(link).orElseThrow(), true)
                .ears()
                .orElseThrow();
    }

    private void choose(String box, int index) {
        onFx(() -> lookup(box).<ComboBox<Object>>query().getSelectionModel().select(index));
    }

    private String rail() {
        settle();
        return plain(lookup("#step-brackets").query().getAccessibleText());
    }

    private String card(String mount) {
        return card("bracket", "rear-" + mount);
    }

    private String card(String kind, String of) {
        settle();
        return lookup("#" + kind + "-" + of).lookup(".label").queryAllAs(Label.class).stream()
                .map(label -> plain(label.getText()))
                .collect(Collectors.joining("\n"));
    }
}
