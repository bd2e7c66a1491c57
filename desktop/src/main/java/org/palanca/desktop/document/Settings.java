package org.palanca.desktop.document;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import org.palanca.base.units.LengthStyle;
import org.palanca.desktop.theme.Theme;
import org.palanca.io.SafeFile;
import org.palanca.vehicle.AxlePlace;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * What the user likes, kept between starts in the user's configuration folder. Settings that cannot be read or written
 * cost nothing but themselves: the defaults stand in.
 */
public final class Settings {
    /** System property naming another folder for settings and rescued work, as tests use. */
    public static final String HOME_PROPERTY = "palanca.home";

    /** Sizes of text offered, in percent. */
    public static final List<Integer> TEXT_SIZES = List.of(100, 110, 125, 150);

    private static final Logger LOG = LoggerFactory.getLogger(Settings.class);
    private static final int MOST_RECENT = 8;
    private static final ObjectMapper MAPPER = new ObjectMapper();

    private final Path folder;
    private Theme theme = Theme.BLUE;
    private LengthStyle lengths = LengthStyle.INCH_SIXTEENTHS;
    private int textSize = 100;
    private AxlePlace axle = AxlePlace.REAR;
    private Optional<WindowPlace> window = Optional.empty();
    private final List<Path> recent = new ArrayList<>();

    private Settings(Path folder) {
        this.folder = folder;
    }

    /** Reads the user's settings. */
    public static Settings load() {
        Settings settings = new Settings(home());
        Path file = settings.file();
        if (Files.exists(file)) {
            try {
                settings.read(MAPPER.readTree(Files.readAllBytes(file)));
            } catch (IOException | IllegalArgumentException e) {
                LOG.warn("settings in {} are not readable, defaults stand in", file, e);
            }
        }
        return settings;
    }

    private static Path home() {
        String given = System.getProperty(HOME_PROPERTY);
        if (given != null) {
            return Path.of(given);
        }
        String configured = System.getenv("XDG_CONFIG_HOME");
        Path base = configured == null || configured.isBlank()
                ? Path.of(System.getProperty("user.home"), ".config")
                : Path.of(configured);
        return base.resolve("palanca");
    }

    private Path file() {
        return folder.resolve("settings.json");
    }

    private void read(JsonNode node) {
        theme = Theme.valueOf(node.path("theme").asText(theme.name()));
        lengths = LengthStyle.valueOf(node.path("lengths").asText(lengths.name()));
        int size = node.path("text_percent").asInt(textSize);
        textSize = TEXT_SIZES.contains(size) ? size : textSize;
        axle = AxlePlace.valueOf(node.path("axle").asText(axle.name()));
        JsonNode place = node.path("window");
        double width = place.path("width").asDouble();
        double height = place.path("height").asDouble();
        if (width > 0 && height > 0) {
            Rectangle2D at =
                    new Rectangle2D(place.path("x").asDouble(), place.path("y").asDouble(), width, height);
            window = Optional.of(new WindowPlace(at, place.path("maximised").asBoolean()));
        }
        node.path("recent").forEach(path -> recent.add(Path.of(path.asText())));
    }

    private void write() {
        ObjectNode node = MAPPER.createObjectNode();
        node.put("theme", theme.name());
        node.put("lengths", lengths.name());
        node.put("text_percent", textSize);
        node.put("axle", axle.name());
        window.ifPresent(place -> node.putObject("window")
                .put("x", place.at().getMinX())
                .put("y", place.at().getMinY())
                .put("width", place.at().getWidth())
                .put("height", place.at().getHeight())
                .put("maximised", place.maximised()));
        ArrayNode paths = node.putArray("recent");
        recent.forEach(path -> paths.add(path.toString()));
        try {
            Files.createDirectories(folder);
            SafeFile.write(file(), node.toPrettyString().getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            LOG.warn("settings could not be kept in {}", file(), e);
        }
    }

    /** Folder for settings and rescued work. */
    public Path folder() {
        return folder;
    }

    public Theme theme() {
        return theme;
    }

    public void setTheme(Theme value) {
        theme = value;
        write();
    }

    public LengthStyle lengths() {
        return lengths;
    }

    public void setLengths(LengthStyle value) {
        lengths = value;
        write();
    }

    /** Size of text in percent of the normal one. */
    public int textSize() {
        return textSize;
    }

    public void setTextSize(int percent) {
        textSize = percent;
        write();
    }

    /** The axle that was worked on last: files open on it. */
    public AxlePlace axle() {
        return axle;
    }

    public void setAxle(AxlePlace value) {
        if (value != axle) {
            axle = value;
            write();
        }
    }

    /** Where the window was when it was closed last; empty before that. */
    public Optional<WindowPlace> window() {
        return window;
    }

    public void setWindow(WindowPlace value) {
        window = Optional.of(value);
        write();
    }

    /** Files opened or saved last, newest first, without those that are gone. */
    public List<Path> recent() {
        return recent.stream().filter(Files::exists).toList();
    }

    public void addRecent(Path path) {
        Path whole = path.toAbsolutePath();
        recent.remove(whole);
        recent.add(0, whole);
        while (recent.size() > MOST_RECENT) {
            recent.remove(recent.size() - 1);
        }
        write();
    }
}
