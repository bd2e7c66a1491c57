package org.palanca.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import org.palanca.desktop.control.FractionText;
import org.palanca.io.json.VehicleFile;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.BoltWay;
import org.palanca.vehicle.hardware.LinkEnd;
import org.palanca.vehicle.hardware.PlugWelds;
import org.palanca.vehicle.hardware.Stock;

/** Links described as they are made: an end from the catalogue, one that is not known yet, a tube, a length from the mock-up. */
class CutListTest extends WindowTest {
    /** The demo's ends break the rule of their shop; set in the middle of what keeps it, and asked for less, they hold. */
    @Test
    void anEndIsSetUntilTheRuleHolds() {
        step("cutlist");
        clickOn("#link-rear-upper-left");
        assertThat(card("rear-upper-left"))
                .contains("Both ends: three quarters", "only 1/8 in may go outward", "no thread is named");
        press("#cut-middle-from");
        section("cutlist-open-to");
        press("#cut-middle-to");
        section("cutlist-open-tube");
        enter("#cut-adjustment", "5/8");
        section("cutlist-open-from");
        enter("#cut-thread-from", "3/4-16");
        section("cutlist-open-to");
        enter("#cut-thread-to", "3/4-16");
        assertThat(card("rear-upper-left"))
                .doesNotContain("three quarters")
                .contains("100 % as set; turned 5/8 in out 79 %", "0.50 turns of the tube (3.0 flats)");
        assertThat(link("upper right").make())
                .as("both sides alike")
                .isEqualTo(link("upper left").make());
        assertThat(link("lower left").make().from()).as("no other link").isEmpty();
        // By hand: 33 13/16 in less twice 1 3/8 + 1 3/16 + 1/4.
        assertThat(tube("rear-upper-left")).isEqualTo("28 3/16 in");
        enter("#cut-thread-to", "three");
        assertThat(trouble()).contains("“three” is no thread", "3/4-16");
        section("cutlist-open-tube");
        enter("#cut-wall", "1 1/4");
        assertThat(trouble()).contains("more than half of 2");
        assertThat(link("upper left").make().tube()).isEmpty();
    }

    /** A bushing in a sleeve has no thread; an end that nobody has chosen leaves no cut length, and it is said what is missing. */
    @Test
    void endsOfOtherKindsAreChosen() throws Exception {
        step("cutlist");
        clickOn("#link-rear-lower-left");
        onFx(() -> kinds("from").setValue(LinkEnd.Kind.BUSHING));
        assertThat(card("rear-lower-left")).contains("not known", "from the pin’s centre to the tube’s end");
        onFx(() -> lookup("#cut-bolt-way-from")
                .<ComboBox<Optional<BoltWay>>>query()
                .setValue(Optional.of(BoltWay.ACROSS)));
        onFx(() -> sizes("from").setValue(sizes("from").getItems().get(2)));
        assertThat(link("lower left").make().from().orElseThrow().bolt())
                .as("another size of joint is bolted as the one before")
                .contains(BoltWay.ACROSS);
        assertThat(card("rear-lower-left")).doesNotContain("Not known yet");
        // By hand: 42.04 in less 3 3/8 at the joint and 1 1/4 at the sleeve, which the link meets 11 degrees from
        // square,
        // since it runs 8 in out: 1.25 / sqrt(1 - (8 / 42.04)^2) = 1.273.
        assertThat(tube("rear-lower-left")).isEqualTo("37 3/8 in");
        press("#cut-ears-from");
        enter("#cut-hole-from", "1/2");
        assertThat(card("rear-lower-left")).contains("does not take a bolt of");
        section("cutlist-open-to");
        onFx(() -> kinds("to").setValue(LinkEnd.Kind.UNKNOWN));
        assertThat(lookup("#tube-rear-lower-left").queryAs(Label.class).getText())
                .isEqualTo("not known");
        assertThat(card("rear-lower-left")).contains("Not known yet: what is at lower axle left");
        push(KeyCode.CONTROL, KeyCode.S);
        settle();
        assertThat(VehicleFile.open(tarn).vehicle()).isEqualTo(window.document().vehicle());
        press("#cut-usual-to");
        assertThat(link("lower left").make().to()).isEmpty();
    }

    /** Taped and computed tube are 1/8 in apart: neither is cut until somebody says which counts, and why. */
    @Test
    void theMockUpIsHeldAgainstTheNumbers() {
        step("cutlist");
        clickOn("#link-rear-lower-left");
        section("cutlist-open-taped");
        enter("#cut-taped", "35 7/16");
        assertThat(card("rear-lower-left")).contains("Taped 35 7/16 in, computed 35 5/16 in", "Say which counts");
        press("#cut-as-taped");
        assertThat(trouble()).contains("Write down why");
        onFx(() -> lookup("#cut-why").queryTextInputControl().setText("cut pipe fits"));
        press("#cut-as-taped");
        assertThat(tube("rear-lower-left")).isEqualTo("35 7/16 in");
        assertThat(link("lower right").make().taped())
                .as("the other side was not taped")
                .isEmpty();
        enter("#cut-taped", "35 1/4");
        assertThat(tube("rear-lower-left"))
                .as("within 1/16 in of what is computed")
                .isEqualTo("35 5/16 in");
    }

    /** By keys alone: to the step, to a card, Enter picks it and the keyboard stays on it; what is typed wrong is said and changes nothing. */
    @Test
    void aLinkIsDescribedByKeysAlone() {
        int number = steps().indexOf("cutlist") + 1;
        push(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.valueOf("DIGIT" + (number - 9)));
        settle();
        tabTo("link-rear-lower-left");
        push(KeyCode.ENTER);
        settle();
        assertThat(stage.getScene().getFocusOwner().getId()).isEqualTo("link-rear-lower-left");
        tabTo("cut-set-from");
        write("1 1/8").push(KeyCode.ENTER);
        settle();
        assertThat(link("lower left")
                        .make()
                        .from()
                        .orElseThrow()
                        .shank()
                        .orElseThrow()
                        .exposed())
                .isCloseTo(1.125 * 0.0254, within(1e-9));
        assertThat(link("upper left").make().from()).as("only what was picked").isEmpty();
        tabTo("cut-set-from");
        write("9").push(KeyCode.ENTER);
        settle();
        assertThat(trouble())
                .contains("lower frame left is set with 9 in of thread exposed", "1/2 in (the jam nut) to 3 in");
        assertThat(link("lower left")
                        .make()
                        .from()
                        .orElseThrow()
                        .shank()
                        .orElseThrow()
                        .exposed())
                .isCloseTo(1.125 * 0.0254, within(1e-9));
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        assertThat(link("lower left").make().from()).isEmpty();
    }

    /** A bar bent step by step: it is longer before it is bent, its other side is bent the other way about, and a bend too wide is refused. */
    @Test
    void aLinkIsBent() {
        step("cutlist");
        clickOn("#link-rear-lower-left");
        section("cutlist-open-shape");
        press("#cut-bend-add");
        enter("#cut-bend-along-1", "15");
        enter("#cut-bend-off-1", "2");
        press("#cut-bend-add");
        enter("#cut-turned", "30");
        // By hand: corners at 15 and 28.53 in, 2 in off: hypot(15, 2) + 13.53 + hypot(13.53, 2) less what the arcs cut
        // off.
        assertThat(card("rear-lower-left")).contains("Bend 1: 7.6°", "radius 6 in", "Bend 2", "stands 2 in off");
        assertThat(lookup("#tube-rear-lower-left").queryAs(FractionText.class).plain())
                .isEqualTo("35 9/16 in");
        double turned = link("lower left").make().shape().orElseThrow().turned();
        assertThat(Math.toDegrees(turned)).isCloseTo(30, within(1e-9));
        assertThat(link("lower right").make().shape().orElseThrow().turned()).isEqualTo(-turned);
        enter("#cut-bend-radius-1", "200");
        assertThat(trouble()).contains("Bends 1 and 2 of “lower left” need");
        assertThat(card("rear-lower-left")).contains("no force is stated");
        enter("#cut-force", "4000");
        assertThat(card("rear-lower-left")).contains("At 4000 lbf", "yield is not known");
        section("cutlist-open-tube");
        enter("#cut-yield", "5");
        assertThat(card("rear-lower-left")).contains("past its yield of 5.0 ksi");
        section("cutlist-open-shape");
        enter("#cut-bend-radius-1", "6");
        eventually(() -> lookup("#cut-straight-try").tryQuery().isPresent());
        assertThat(lookup("#cut-straight").queryAs(Label.class).getText())
                .contains("“lower left” straight between stepped brackets: ");
        Vector3D pin = pin();
        press("#cut-straight-try");
        settle();
        assertThat(link("lower left").make().shape()).isEmpty();
        assertThat(link("lower right").make().shape()).isEmpty();
        assertThat(Vector3D.distance(pin(), pin)).isCloseTo(2 * 0.0254, within(2 * 0.0254 / 16));
        press("#trouble-stop");
        settle();
        assertThat(Vector3D.distance(pin(), pin)).isCloseTo(0, within(1e-12));
        section("cutlist-open-shape");
        press("#cut-bend-drop-1");
        press("#cut-bend-drop-1");
        assertThat(link("lower left").make().shape()).isEmpty();
        assertThat(link("lower right").make().shape()).isEmpty();
    }

    /** The same lengths as a table, for a shop: written where the user says. */
    @Test
    void theLinksAreWrittenAsATable() throws Exception {
        step("cutlist");
        nextAnswer = folder.resolve("links.csv");
        clickOn("#make-table");
        settle();
        assertThat(Files.readAllLines(nextAnswer))
                .hasSize(9)
                .anyMatch(line -> line.startsWith("R-LL,rear,lower left,1067.877,"));
        assertThat(notice()).isEqualTo("Written: links.csv");
    }

    /** The list of what to buy goes out as a table, comes back with the rack filled in, and what was typed wrong changes nothing. */
    @Test
    void theBillGoesOutAndComesBack() throws Exception {
        step("cutlist");
        // Joints, inserts and jam nuts by hand, tube, plate, a bolt with its nut and washers, two shocks, four springs,
        // four parts.
        eventually(() -> bill().equals("21 of 21 things have to be bought."));
        nextAnswer = folder.resolve("bill.csv");
        press("#bill-csv");
        String table = Files.readString(nextAnswer);
        Files.writeString(nextAnswer, table.replace(",8,1,0,9,", ",8,1,some,9,"));
        press("#bill-csv-in");
        assertThat(trouble()).contains("bill.csv", "column rack", "“some” is no count");
        assertThat(window.document().vehicle().build().purchases()).isEmpty();
        Files.writeString(nextAnswer, table.replace(",8,1,0,9,", ",8,1,9,9,"));
        press("#bill-csv-in");
        eventually(() -> bill().equals("19 of 21 things have to be bought."));
        push(KeyCode.CONTROL, KeyCode.S);
        settle();
        assertThat(VehicleFile.open(tarn).vehicle()).isEqualTo(window.document().vehicle());
        push(KeyCode.CONTROL, KeyCode.Z);
        settle();
        eventually(() -> bill().equals("21 of 21 things have to be bought."));
    }

    private String bill() {
        return lookup("#bill-count")
                .tryQueryAs(Label.class)
                .map(label -> plain(label.getText()))
                .orElse("");
    }

    /** What lies in the rack is sawn first, what is sold after it; a length that can't be is refused and the old one stays. */
    @Test
    void theRackIsSawnFirst() {
        step("cutlist");
        clickOn("#link-rear-upper-left");
        eventually(() -> texts().stream().anyMatch(text -> text.startsWith("Buy 1 × 240 in of tube 2 in")));
        section("cutlist-open-stock");
        press("#stock-add-rack");
        enter("#stock-length-0", "36");
        enter("#stock-count-0", "2");
        eventually(() -> texts().stream().anyMatch(text -> text.startsWith("From the rack, 36 in: R-LL 35 5/16 in")));
        enter("#stock-count-0", "two");
        assertThat(texts()).anyMatch(text -> text.contains("“two” is no count of lengths"));
        enter("#stock-length-0", "1200");
        assertThat(texts()).anyMatch(text -> text.startsWith("A length of stock is 1200 in"));
        Stock stock = window.document().vehicle().build().stock();
        assertThat(stock.bars()).hasSize(1);
        assertThat(stock.bars().get(0).length()).isCloseTo(36 * 0.0254, within(1e-9));
        assertThat(stock.bars().get(0).count()).hasValue(2);
        press("#stock-drop-0");
        eventually(() -> texts().stream().noneMatch(text -> text.startsWith("From the rack")));
    }

    /** What a link is asked to bear is told; a yield tells how often it bears it, and a harder bump is asked of all. */
    @Test
    void whatALinkBearsIsTold() {
        step("cutlist");
        clickOn("#link-rear-lower-left");
        section("cutlist-open-tube");
        enter("#cut-yield", "70");
        section("cutlist-open-strength");
        assertThat(texts()).anyMatch(text -> text.startsWith("Asked of it: pushed"));
        assertThat(texts()).anyMatch(text -> text.contains("Johnson, ends free to turn"));
        enter("#load-bump", "6");
        assertThat(window.document().vehicle().build().loads().bump()).isEqualTo(6);
        enter("#load-bump", "60");
        assertThat(trouble()).contains("Load in a bump", "it must be from 0 to 20");
        assertThat(window.document().vehicle().build().loads().bump()).isEqualTo(6);
    }

    /** The shop's school for all links: holes are typed, what cannot hold is told, and unticked there are none. */
    @Test
    void theInsertsArePlugWelded() {
        step("cutlist");
        clickOn("#link-rear-upper-left");
        section("cutlist-open-tube");
        onFx(() -> lookup("#cut-plugs").queryAs(CheckBox.class).fire());
        assertThat(window.document().vehicle().hardware().plugs()).contains(PlugWelds.COMMON);
        enter("#cut-plug-second", "1 1/4");
        assertThat(card("rear-upper-left")).doesNotContain("plug hole");
        enter("#cut-plug-second", "1 3/8");
        assertThat(card("rear-upper-left")).contains("The second plug hole reaches 1 5/8 in into the tube");
        onFx(() -> lookup("#cut-plugs").queryAs(CheckBox.class).fire());
        assertThat(window.document().vehicle().hardware().plugs()).isEmpty();
    }

    private Vector3D pin() {
        Vehicle vehicle = window.document().vehicle();
        return vehicle.axle(AxlePlace.REAR).orElseThrow().position("lower frame left", vehicle.wheelbase());
    }

    private void tabTo(String id) {
        for (int i = 0; i < 60; i++) {
            settle();
            Node owner = stage.getScene().getFocusOwner();
            if (owner != null && id.equals(owner.getId())) {
                return;
            }
            push(KeyCode.TAB);
        }
        throw new AssertionError("no way by Tab to " + id);
    }

    /** The shop's own sizes stand before the generic ones, now and the next time; a bad line is told by its number. */
    @Test
    void aCatalogueOfOnesOwnIsRead() throws Exception {
        step("cutlist");
        clickOn("#link-rear-upper-left");
        section("cutlist-open-tube");
        nextAnswer = folder.resolve("own.csv");
        Files.writeString(
                nextAnswer, "what,name,thread,reach_mm,shank_mm,insert_thread_mm\nrod_end,ours,M20x,40,70,40\n");
        press("#hardware-csv-in");
        assertThat(trouble()).contains("Line 2", "“M20x” is no thread");
        Files.writeString(
                nextAnswer, "what,name,thread,reach_mm,shank_mm,insert_thread_mm\nrod_end,ours,M20x1.5,40,70,40\n");
        press("#hardware-csv-in");
        section("cutlist-open-from");
        assertThat(sizes("from").getItems().get(0).name()).isEqualTo("ours");
        onFx(() -> sizes("from").setValue(sizes("from").getItems().get(0)));
        assertThat(link("upper left").make().from().orElseThrow().reach().orElseThrow())
                .isCloseTo(0.04, within(1e-9));
        assertThat(Path.of(System.getProperty("palanca.home")).resolve("hardware.csv"))
                .exists();
    }

    private Axle rear() {
        return window.document().vehicle().axle(AxlePlace.REAR).orElseThrow();
    }

    private Link link(String name) {
        return rear().link(name).orElseThrow();
    }

    private ComboBox<LinkEnd.Kind> kinds(String end) {
        return lookup("#cut-kind-" + end).query();
    }

    private ComboBox<LinkEnd> sizes(String end) {
        return lookup("#cut-size-" + end).query();
    }

    private String tube(String card) {
        settle();
        return plain(lookup("#tube-" + card).queryAs(FractionText.class).plain());
    }

    /** All that a card says. */
    private String card(String card) {
        settle();
        Set<Node> labels = lookup("#link-" + card + " .label").queryAll();
        return plain(labels.stream().map(node -> ((Label) node).getText()).collect(Collectors.joining("\n")));
    }
}
