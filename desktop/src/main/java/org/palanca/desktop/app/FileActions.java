package org.palanca.desktop.app;

import java.io.IOException;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Node;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.TypedText;
import org.palanca.desktop.document.BoardState;
import org.palanca.desktop.document.Document;
import org.palanca.desktop.document.FileAsker;
import org.palanca.desktop.document.Settings;
import org.palanca.io.json.VehicleFile;
import org.palanca.io.json.VehicleFileException;
import org.palanca.io.sheet.BoardPage;
import org.palanca.io.sheet.Page;
import org.palanca.io.sheet.SheetFile;
import org.palanca.io.sheet.SheetHead;
import org.palanca.io.sheet.SheetKind;
import org.palanca.vehicle.check.Finding;

/** Opening, saving and writing sheets, with every failure told and nothing lost by it. */
public final class FileActions {
    private final Document document;
    private final BoardState state;
    private final Settings settings;
    private final Supplier<Words> words;
    private final FileAsker asker;
    private final NoticeBar notices;
    private final PrintPreview preview;
    private final Runnable opened;

    FileActions(
            Document document,
            BoardState state,
            Settings settings,
            Supplier<Words> words,
            FileAsker asker,
            NoticeBar notices,
            PrintPreview preview,
            Runnable opened) {
        this.document = document;
        this.state = state;
        this.settings = settings;
        this.words = words;
        this.asker = asker;
        this.notices = notices;
        this.preview = preview;
        this.opened = opened;
    }

    void askAndOpen() {
        asker.toOpen(words.get().text("file_window.open")).ifPresent(this::open);
    }

    /** Opens a file, unless there is unsaved work that the user has not decided about. */
    public void open(Path file) {
        whenWorkIsSafe(() -> load(file));
    }

    /** Runs an action that takes the present vehicle away, after unsaved work is saved or given up on purpose. */
    void whenWorkIsSafe(Runnable action) {
        TypedText.enter(notices.getScene());
        if (!document.unsaved().get()) {
            action.run();
            return;
        }
        notices.ask(
                words.get().text("notice.unsaved", document.vehicle().name()),
                new NoticeBar.Choice(words.get().text("notice.save"), () -> {
                    if (save()) {
                        action.run();
                    }
                }),
                new NoticeBar.Choice(words.get().text("notice.discard"), action),
                new NoticeBar.Choice(words.get().text("notice.keep"), () -> {}));
    }

    private void load(Path file) {
        try {
            VehicleFile.Opened vehicle = VehicleFile.open(file);
            document.replace(vehicle.vehicle(), file, vehicle.readOnly());
            settings.addRecent(file);
            startBeside(file);
            opened.run();
            if (vehicle.readOnly()) {
                notices.say(words.get().text("file.newer", file));
            } else if (!vehicle.warnings().isEmpty()) {
                notices.say(lines(vehicle.warnings()));
            }
        } catch (VehicleFileException e) {
            tell(e);
        }
    }

    private void tell(VehicleFileException failure) {
        String summary = words.get().text(failure.summary());
        notices.say(failure.findings().isEmpty() ? summary : summary + "\n" + lines(failure.findings()));
    }

    private String lines(List<Finding> findings) {
        List<String> lines = new ArrayList<>();
        for (Finding finding : findings) {
            String line =
                    finding.line() > 0 ? words.get().text("notice.line", Integer.toString(finding.line())) + " " : "";
            lines.add(line + words.get().text(finding.message()));
        }
        return String.join("\n", lines);
    }

    /** Saves to the vehicle's file, or asks for one. Returns whether it is saved now. */
    public boolean save() {
        TypedText.enter(notices.getScene());
        Optional<Path> file = document.file();
        return file.isPresent() ? saveTo(file.get()) : saveAs();
    }

    boolean saveAs() {
        TypedText.enter(notices.getScene());
        Optional<Path> chosen = asker.toSave(words.get().text("file_window.save"), proposedName());
        return chosen.map(path -> saveTo(withEnding(path))).orElse(false);
    }

    private String proposedName() {
        return document.vehicle().name().toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-")
                + VehicleFile.ENDING;
    }

    private static Path withEnding(Path path) {
        String name = path.getFileName().toString();
        String half = VehicleFile.ENDING.replace(".json", "");
        return name.endsWith(".json")
                ? path
                : path.resolveSibling(name.endsWith(half) ? name + ".json" : name + VehicleFile.ENDING);
    }

    /** A file without an ending gets the one that what is written has. */
    private static Path withEnding(Path path, String ending) {
        String name = path.getFileName().toString();
        return name.contains(".") ? path : path.resolveSibling(name + ending);
    }

    /** The next question begins where a file is. */
    private void startBeside(Path file) {
        Optional.ofNullable(file.toAbsolutePath().getParent()).ifPresent(asker::startIn);
    }

    /** Takes over a file that was dropped on the window, or says why not. */
    public void dropped(List<Path> files) {
        Optional<Path> vehicle = files.stream()
                .filter(path ->
                        path.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(".json"))
                .findFirst();
        if (vehicle.isPresent()) {
            open(vehicle.get());
        } else if (!files.isEmpty()) {
            notices.say(words.get().text("notice.dropped", files.get(0).getFileName()));
        }
    }

    private boolean saveTo(Path file) {
        try {
            document.save(file);
            settings.addRecent(file);
            startBeside(file);
            notices.clear();
            return true;
        } catch (VehicleFileException e) {
            notices.ask(
                    words.get().text(e.summary()),
                    new NoticeBar.Choice(words.get().text("command.save_as"), this::saveAs));
            return false;
        }
    }

    /** Shows a sheet of the axle on the board as it will be on paper, to be printed or written. */
    void sheet(SheetKind kind, Optional<String> mount) {
        TypedText.enter(notices.getScene());
        Words w = words.get();
        List<Page> pages = kind.pages(head(), state.axleProperty().get(), mount);
        if (pages.isEmpty()) {
            notices.say(
                    w.text(kind == SheetKind.PLACING ? "placing.too_few_marks" : "notice.sheet_empty." + kind.id()));
            return;
        }
        String what = mount.map(name -> name.replace(' ', '-')).orElse(kind.id());
        preview.show(w.text("preview.title." + kind.id()), pages, () -> write(kind, what, pages));
    }

    /**
     * Writes the board where the user wants it: as it is shown for {@code .png}, as a drawing to scale for any other ending.
     *
     * @param shown what is on the screen
     */
    void board(Node shown) {
        TypedText.enter(notices.getScene());
        Optional<Path> chosen = asker.toSave(words.get().text("file_window.board"), proposed("board") + ".svg")
                .map(path -> withEnding(path, ".svg"));
        chosen.ifPresent(path -> {
            try {
                if (path.getFileName().toString().toLowerCase(Locale.ROOT).endsWith(".png")) {
                    PngFile.write(Copies.picture(shown), path);
                } else {
                    SheetFile.write(
                            path,
                            List.of(BoardPage.of(
                                    head(),
                                    state.axleProperty().get(),
                                    state.poseProperty().get())));
                }
                notices.say(words.get().text("notice.sheets_written", path));
            } catch (IOException e) {
                notices.say(words.get().text("file.cannot_write", path));
            }
        });
    }

    private String proposed(String what) {
        return proposedName().replace(VehicleFile.ENDING, "") + "-r"
                + document.vehicle().revision() + "-" + what;
    }

    private SheetHead head() {
        String name = document.file()
                .map(path -> path.getFileName().toString())
                .orElse(words.get().text("sheet.not_saved"));
        return new SheetHead(document.vehicle(), name, LocalDate.now(ZoneId.systemDefault()), words.get());
    }

    private void write(SheetKind kind, String what, List<Page> pages) {
        Optional<Path> chosen = asker.toSave(
                        words.get().text("file_window.sheet_" + kind.id()), proposed(what) + ".pdf")
                .map(path -> withEnding(path, ".pdf"));
        chosen.ifPresent(path -> {
            try {
                List<String> written = SheetFile.write(path, pages).stream()
                        .map(Path::toString)
                        .toList();
                List<String> marks = pages.stream().map(Page::mark).distinct().toList();
                notices.say(
                        marks.size() == 1
                                ? words.get().text("notice.sheet_written", String.join(", ", written), marks.get(0))
                                : words.get().text("notice.sheets_written", String.join(", ", written)));
            } catch (IOException e) {
                notices.say(words.get().text("file.cannot_write", path));
            }
        });
    }
}
