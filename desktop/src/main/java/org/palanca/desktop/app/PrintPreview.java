package org.palanca.desktop.app;

import java.awt.HeadlessException;
import java.awt.image.BufferedImage;
import java.awt.print.PrinterException;
import java.awt.print.PrinterJob;
import java.io.IOException;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.printing.PDFPageable;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.palanca.base.words.Words;
import org.palanca.desktop.control.Labels;
import org.palanca.desktop.control.LatestTask;
import org.palanca.io.sheet.Page;
import org.palanca.io.sheet.PagePdf;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Sheets as they will be on paper, to be printed by the system's own dialogue or written to a file. */
final class PrintPreview {
    private static final Logger LOG = LoggerFactory.getLogger(PrintPreview.class);

    /** Pixels an inch: large enough to be read on the screen. */
    private static final float SHARPNESS = 92;

    private final OpenPage page;
    private final Supplier<Words> words;
    private final NoticeBar notices;
    private final Runnable seen;
    private final Runnable afterwards;
    private final LatestTask rendering = LatestTask.patient("print preview", Duration.ONE);
    private final LatestTask printing = LatestTask.patient("printing", Duration.ONE);

    /**
     * @param seen told whenever sheets are shown
     * @param afterwards done once it is closed
     */
    PrintPreview(OpenPage page, Supplier<Words> words, NoticeBar notices, Runnable seen, Runnable afterwards) {
        this.seen = seen;
        this.page = page;
        this.words = words;
        this.notices = notices;
        this.afterwards = afterwards;
    }

    /**
     * Shows sheets.
     *
     * @param save writes them where the user wants them
     */
    void show(String title, List<Page> pages, Runnable save) {
        Words w = words.get();
        byte[] pdf;
        try {
            pdf = PagePdf.bytes(pages);
        } catch (IOException e) {
            LOG.error("the sheets could not be drawn", e);
            notices.say(w.text("preview.not_drawn"));
            return;
        }
        Button print = Labels.button("preview-print", w.text("preview.print"), () -> print(pdf));
        print.getStyleClass().add("main-action");
        Button write = Labels.button("preview-save", w.text("preview.save"), () -> {
            save.run();
            page.close();
        });
        Label paper = Labels.sentence(w.text("preview.paper", Integer.toString(pages.size())), "second");
        VBox shown = new VBox(12);
        page.open(title, w.text("page.close"), List.of(new FlowPane(8, 8, print, write), paper, shown), () -> {
            rendering.drop();
            afterwards.run();
        });
        print.requestFocus();
        seen.run();
        rendering.ask(goOn -> render(pdf, shown, goOn), done -> {});
    }

    /** One page after the other, each shown as soon as it is drawn. */
    private static boolean render(byte[] pdf, VBox into, BooleanSupplier goOn) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFRenderer renderer = new PDFRenderer(document);
            for (int i = 0; i < document.getNumberOfPages() && goOn.getAsBoolean(); i++) {
                WritableImage picture = picture(renderer.renderImageWithDPI(i, SHARPNESS));
                Platform.runLater(() -> into.getChildren().add(new ImageView(picture)));
            }
            return true;
        } catch (IOException e) {
            LOG.error("the sheets could not be shown", e);
            return false;
        }
    }

    private static WritableImage picture(BufferedImage from) {
        int width = from.getWidth();
        int height = from.getHeight();
        WritableImage picture = new WritableImage(width, height);
        int[] pixels = from.getRGB(0, 0, width, height, null, 0, width);
        for (int i = 0; i < pixels.length; i++) {
            pixels[i] |= 0xff000000;
        }
        picture.getPixelWriter().setPixels(0, 0, width, height, PixelFormat.getIntArgbInstance(), pixels, 0, width);
        return picture;
    }

    /** The system's own dialogue asks which printer; a sheet is printed at its size. */
    private void print(byte[] pdf) {
        Words w = words.get();
        printing.ask(
                goOn -> {
                    String said = send(pdf, w);
                    if (!said.isEmpty()) {
                        Platform.runLater(() -> notices.say(said));
                    }
                    return true;
                },
                done -> {});
    }

    private static String send(byte[] pdf, Words w) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            if (PrinterJob.lookupPrintServices().length == 0) {
                return w.text("preview.no_printer");
            }
            PrinterJob job = PrinterJob.getPrinterJob();
            job.setPageable(new PDFPageable(document));
            if (job.printDialog()) {
                job.print();
                return w.text("preview.sent");
            }
            return "";
        } catch (IOException | PrinterException | HeadlessException e) {
            LOG.warn("printing failed", e);
            return w.text("preview.failed", String.valueOf(e.getMessage()));
        }
    }

    void dispose() {
        rendering.dispose();
        printing.dispose();
    }
}
