package org.palanca.desktop.app;

import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.SnapshotParameters;
import javafx.scene.image.Image;
import javafx.scene.input.Clipboard;
import javafx.scene.input.DataFormat;
import javafx.scene.paint.Color;
import javafx.scene.transform.Scale;
import org.palanca.base.units.UnitStyle;
import org.palanca.base.words.Words;
import org.palanca.desktop.analysis.Analysis;
import org.palanca.desktop.strips.Verdicts;
import org.palanca.result.ResultWords;

/** What is taken out of the window by the clipboard: the results as a table, the drawing as a picture. */
final class Copies {
    /** Pixels of a picture for each of the window. */
    private static final double SHARP = 2;

    private final Supplier<Words> words;

    Copies(Supplier<Words> words) {
        this.words = words;
    }

    /** All results of an axle at its pose, a line each: name, number, unit, verdict; tabs between, as a spreadsheet takes them. */
    String table(Analysis analysis) {
        Words w = words.get();
        String head = Stream.of("copy.result", "copy.value", "copy.unit", "copy.verdict")
                .map(w::text)
                .collect(Collectors.joining("\t"));
        return Stream.concat(Stream.of(head), analysis.strips().stream().map(strip -> {
                    UnitStyle.Text value = ResultWords.value(strip.result(), strip.outcome(), w);
                    return String.join(
                            "\t",
                            ResultWords.name(strip.result(), w),
                            value.number(),
                            value.unit(),
                            Verdicts.sentence(strip, w));
                }))
                .collect(Collectors.joining("\n", "", "\n"));
    }

    /** Puts the results on the clipboard. */
    void copyTable(Analysis analysis) {
        Clipboard.getSystemClipboard().setContent(Map.of(DataFormat.PLAIN_TEXT, table(analysis)));
    }

    /** Puts a picture of a node on the clipboard. */
    void copyPicture(Node node) {
        Clipboard.getSystemClipboard().setContent(Map.of(DataFormat.IMAGE, picture(node)));
    }

    /** A node as it is shown, at twice its size. */
    static Image picture(Node node) {
        SnapshotParameters sharp = new SnapshotParameters();
        sharp.setTransform(new Scale(SHARP, SHARP));
        sharp.setFill(Color.TRANSPARENT);
        return node.snapshot(sharp, null);
    }
}
