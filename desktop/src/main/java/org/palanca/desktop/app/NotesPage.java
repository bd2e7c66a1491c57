package org.palanca.desktop.app;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextFormatter;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.palanca.base.words.Message;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.Photo;
import org.palanca.desktop.document.Document;
import org.palanca.desktop.document.FileAsker;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.Note;

/** What is written down about one thing, with its pictures, and below it every other note of the vehicle. */
final class NotesPage {
    /** As long as a file may hold. */
    private static final int LONGEST = 10_000;

    private static final int TEXT_ROWS = 6;
    private static final int FIRST_WORDS = 60;

    private final OpenPage page;
    private final Document document;
    private final FileAsker files;
    private final Supplier<Words> words;
    private final Runnable closed;
    private Note.Subject about;
    private final Button button = new Button();
    private TextArea text = new TextArea();

    /** @param closed done when the page is closed */
    NotesPage(OpenPage page, Document document, FileAsker files, Supplier<Words> words, Runnable closed) {
        this.page = page;
        this.document = document;
        this.files = files;
        this.words = words;
        this.closed = closed;
        about = new Note.Subject(Note.Kind.STEP, Optional.empty(), "");
        document.vehicleProperty().addListener((o, before, now) -> follow());
    }

    /** What opens it, and says how many notes there are. */
    Button button(Runnable open) {
        button.setId("notes");
        button.setMaxWidth(Double.MAX_VALUE);
        button.getStyleClass().add("rail-foot");
        button.setOnAction(event -> open.run());
        relabel();
        return button;
    }

    /** Says everything in the words of the moment. */
    void relabel() {
        int written = document.vehicle().build().notes().size();
        Words w = words.get();
        button.setText(written == 0 ? w.text("notes.button") : w.text("notes.count", Integer.toString(written)));
    }

    /** Shows the note about something, to be written. */
    void open(Note.Subject subject) {
        about = subject;
        Words w = words.get();
        page.open(w.text("notes.title", name(subject, w)), w.text("page.close"), nodes(w), () -> {
            document.endGesture();
            closed.run();
        });
        text.requestFocus();
        text.end();
    }

    /** An undone change is undone in the page too; one that is typed there is there already. */
    private void follow() {
        relabel();
        String kept = note().text();
        if (page.isVisible() && !text.getText().equals(kept)) {
            text.setText(kept);
        }
    }

    private Note note() {
        return document.vehicle().build().note(about);
    }

    private List<Node> nodes(Words w) {
        text = new TextArea(note().text());
        text.setId("note-text");
        text.setWrapText(true);
        text.setPrefRowCount(TEXT_ROWS);
        text.setPromptText(w.text("notes.prompt"));
        text.setTextFormatter(
                new TextFormatter<>(change -> change.getControlNewText().length() <= LONGEST ? change : null));
        // Kept as it is typed: what is typed must not wait for a page to be closed.
        text.textProperty().addListener((o, before, now) -> {
            if (!now.equals(note().text())) {
                keep(note().withText(now), "note " + about);
            }
        });
        List<Node> all = new ArrayList<>();
        all.add(text);
        all.add(Labels.button("note-photo", w.text("photo.add"), this::addPhoto));
        for (String file : note().photos()) {
            Button gone = Labels.button(
                    "note-photo-gone-" + note().photos().indexOf(file), w.text("photo.leave_out"), () -> photos(file));
            all.add(new HBox(8, Photo.of(file, w), gone));
        }
        List<Note> others = document.vehicle().build().notes().stream()
                .filter(note -> !note.about().equals(about))
                .toList();
        if (!others.isEmpty()) {
            all.add(Labels.of(w.text("notes.others"), "form-title"));
            others.forEach(note -> all.add(row(note, w)));
        }
        return all;
    }

    private Node row(Note note, Words w) {
        String shown = note.text().strip().lines().findFirst().orElse("");
        String first = shown.length() > FIRST_WORDS ? shown.substring(0, FIRST_WORDS) + "…" : shown;
        String pictures = note.photos().isEmpty()
                ? ""
                : w.text("notes.pictures", Integer.toString(note.photos().size()));
        int index = document.vehicle().build().notes().indexOf(note);
        Button open = Labels.button("note-" + index, name(note.about(), w), () -> open(note.about()));
        VBox row = new VBox(2, open, Labels.sentence((first + "  " + pictures).strip(), "second"));
        return row;
    }

    private void addPhoto() {
        files.toOpen(words.get().text("notes.photo_window")).ifPresent(path -> {
            List<String> photos = new ArrayList<>(note().photos());
            photos.add(path.toString());
            keep(note().withPhotos(photos), "");
            open(about);
        });
    }

    private void photos(String without) {
        keep(
                note().withPhotos(note().photos().stream()
                        .filter(file -> !file.equals(without))
                        .toList()),
                "");
        open(about);
    }

    private void keep(Note note, String gesture) {
        Build build = document.vehicle().build();
        document.change(
                document.vehicle().withBuild(build.with(note)),
                Message.of("change.note", name(about, words.get())),
                gesture);
    }

    /** What a note is about, in words. */
    private static String name(Note.Subject about, Words w) {
        String name = switch (about.kind()) {
            case STEP -> w.text("step." + about.name());
            case WORK -> work(about.name(), w);
            case MOUNT, PART, MARK -> about.name();
        };
        return about.axle()
                .map(axle -> w.text("notes.on_axle", name, w.text("axle." + axle.id())))
                .orElse(name);
    }

    /** A step of work by its job and its id, which may end in what it is done to. */
    private static String work(String name, Words w) {
        String step = name.substring(name.indexOf(' ') + 1);
        String[] of = step.split(": ", 2);
        return w.text("step." + of[0], of.length > 1 ? of[1] : "");
    }
}
