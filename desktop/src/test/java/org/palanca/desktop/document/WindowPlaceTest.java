package org.palanca.desktop.document;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.palanca.vehicle.AxlePlace;

/** Where the window comes up, and what is kept of it between starts. */
class WindowPlaceTest {
    private static final Rectangle2D DESK = new Rectangle2D(0, 30, 1920, 1050);
    private static final Rectangle2D BENCH = new Rectangle2D(0, 0, 1024, 740);
    private static final Rectangle2D BESIDE = new Rectangle2D(1920, 0, 1280, 1024);

    @TempDir
    private Path home;

    private String before = "";

    @BeforeEach
    void ownSettings() {
        before = System.getProperty(Settings.HOME_PROPERTY, "");
        System.setProperty(Settings.HOME_PROPERTY, home.toString());
    }

    @AfterEach
    void othersSettings() {
        if (before.isEmpty()) {
            System.clearProperty(Settings.HOME_PROPERTY);
        } else {
            System.setProperty(Settings.HOME_PROPERTY, before);
        }
    }

    private static Optional<WindowPlace> at(double x, double y, double width, double height) {
        return Optional.of(new WindowPlace(new Rectangle2D(x, y, width, height), false));
    }

    @Test
    void itComesUpWhereItWasIfThatCanBeSeen() {
        Optional<WindowPlace> beside = at(2000, 40, 1280, 800);
        assertThat(WindowPlace.of(beside, List.of(DESK, BESIDE))).isEqualTo(beside);
        assertThat(WindowPlace.of(beside, List.of(DESK)))
                .as("that screen is not there any more")
                .isEmpty();
        assertThat(WindowPlace.of(at(200, 1040, 1280, 800), List.of(DESK)))
                .as("its title under the lower edge")
                .isEmpty();
        assertThat(WindowPlace.of(at(200, -300, 1280, 800), List.of(DESK)))
                .as("its title over the upper edge")
                .isEmpty();
    }

    @Test
    void aSmallScreenIsFilled() {
        assertThat(WindowPlace.of(at(60, 40, 1300, 800), List.of(BENCH))
                        .orElseThrow()
                        .maximised())
                .as("it was on a larger screen last")
                .isTrue();
        assertThat(WindowPlace.of(Optional.empty(), List.of(BENCH))
                        .orElseThrow()
                        .maximised())
                .isTrue();
        assertThat(WindowPlace.of(Optional.empty(), List.of(DESK))).isEmpty();
        assertThat(WindowPlace.of(Optional.empty(), List.of())).isEmpty();
    }

    @Test
    void placeAndAxleAreKeptAndBrokenSettingsCostNothing() throws IOException {
        assertThat(Settings.load().window()).isEmpty();
        assertThat(Settings.load().axle()).isEqualTo(AxlePlace.REAR);
        WindowPlace place = new WindowPlace(new Rectangle2D(-5.5, 12, 1400, 900), true);
        Settings settings = Settings.load();
        settings.setWindow(place);
        settings.setAxle(AxlePlace.FRONT);
        assertThat(Settings.load().window()).contains(place);
        assertThat(Settings.load().axle()).isEqualTo(AxlePlace.FRONT);
        Files.writeString(
                home.resolve("settings.json"), "{\"window\": {\"x\": \"far\", \"width\": -3}, \"axle\": \"MIDDLE\"}");
        assertThat(Settings.load().window()).isEmpty();
        assertThat(Settings.load().axle()).isEqualTo(AxlePlace.REAR);
    }
}
