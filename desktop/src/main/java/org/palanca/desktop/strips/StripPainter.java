package org.palanca.desktop.strips;

import java.util.stream.DoubleStream;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.desktop.analysis.Analysis;
import org.palanca.desktop.theme.Fonts;
import org.palanca.desktop.theme.Lettering;
import org.palanca.desktop.theme.Theme;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.vehicle.TargetBand;
import org.palanca.vehicle.Travel;

/**
 * Draws one strip's curve through the travel, droop at the left and bump at the right, with the band wanted as a shaded
 * stretch behind it, its edges written at the side, the present pose as a dot and the worst pose as a ring.
 */
final class StripPainter {
    private static final double EDGE = 8;

    private final GraphicsContext g;
    private final double width;
    private final double height;
    private final Theme theme;
    private final double size;
    private final Words words;

    StripPainter(Canvas canvas, Theme theme, double size, Words words) {
        g = canvas.getGraphicsContext2D();
        width = canvas.getWidth();
        height = canvas.getHeight();
        this.theme = theme;
        this.size = size;
        this.words = words;
    }

    void draw(Analysis.StripValue strip, WheelTravel pose, Travel travel) {
        g.clearRect(0, 0, width, height);
        Lettering.on(g.getCanvas()).begin();
        double low = Double.POSITIVE_INFINITY;
        double high = Double.NEGATIVE_INFINITY;
        for (double value : strip.curve()) {
            if (Double.isFinite(value)) {
                low = Math.min(low, value);
                high = Math.max(high, value);
            }
        }
        if (low > high) {
            return;
        }
        double present = strip.outcome().number();
        if (Double.isFinite(present)) {
            low = Math.min(low, present);
            high = Math.max(high, present);
        }
        if (strip.band().isPresent()) {
            TargetBand band = strip.band().get();
            low = Double.isInfinite(band.low()) ? low : Math.min(low, band.low());
            high = Double.isInfinite(band.high()) ? high : Math.max(high, band.high());
        }
        double least = smallestSpan(strip.result().quantity());
        double pad = Math.max((high - low) * 0.08, (least - (high - low)) / 2);
        Scale scale = new Scale(low - Math.max(pad, 0), high + Math.max(pad, 0), EDGE, height - EDGE);
        double right = width - 7 - widest(strip, scale);
        strip.band().ifPresent(band -> band(band, strip, scale, right));
        if (strip.band().isEmpty()) {
            label(scale.high, scale, right, strip.result().quantity());
            label(scale.low, scale, right, strip.result().quantity());
        }
        double rideX = travel.droop() / Math.max(1e-9, travel.droop() + travel.bump()) * right;
        g.setStroke(theme.faint());
        g.setLineWidth(1);
        g.setLineDashes(2, 3);
        g.strokeLine(rideX, EDGE, rideX, height - EDGE);
        g.setLineDashes();
        curve(strip.curve(), scale, right);
        marks(strip, scale, right, pose, travel);
    }

    /** Room for the numbers at the side [px]: a fraction takes more than a percentage. */
    private double widest(Analysis.StripValue strip, Scale scale) {
        DoubleStream ends = strip.band()
                .map(band -> DoubleStream.of(band.low(), band.high()))
                .orElseGet(() -> DoubleStream.of(scale.low, scale.high));
        return ends.filter(Double::isFinite)
                .map(end -> Lettering.width(number(strip.result().quantity(), end), Fonts.figures(10.5 * size)))
                .max()
                .orElse(0);
    }

    private String number(Quantity quantity, double value) {
        return words.units().format(value, quantity).number().replace("-", "−");
    }

    private static double smallestSpan(Quantity quantity) {
        return switch (quantity) {
            case LENGTH -> 0.02;
            case ANGLE -> Math.toRadians(1);
            case PERCENT -> 4;
            default -> 1e-6;
        };
    }

    private void band(TargetBand band, Analysis.StripValue strip, Scale scale, double right) {
        double top = scale.y(Math.min(band.high(), scale.high));
        double bottom = scale.y(Math.max(band.low(), scale.low));
        g.setFill(theme.faint().deriveColor(0, 1, 1, 0.65));
        g.fillRect(0, top, right, Math.max(2, bottom - top));
        double least = 13 * size;
        boolean apart = bottom - top > least;
        if (!Double.isInfinite(band.high())) {
            text(strip.result().quantity(), band.high(), right, apart ? Math.max(top, least / 2) : top - 1);
        }
        if (!Double.isInfinite(band.low())) {
            text(
                    strip.result().quantity(),
                    band.low(),
                    right,
                    apart ? Math.min(bottom, height - least / 2) : bottom + least - 2);
        }
    }

    private void label(double value, Scale scale, double right, Quantity quantity) {
        double y = Math.max(7 * size, Math.min(height - 7 * size, scale.y(value)));
        text(quantity, value, right, y);
    }

    private void text(Quantity quantity, double value, double right, double y) {
        Lettering.on(g.getCanvas())
                .write(
                        number(quantity, value),
                        right + 5,
                        Math.max(6 * size, Math.min(height - 6 * size, y)),
                        TextAlignment.LEFT,
                        theme.second(),
                        Fonts.figures(10.5 * size));
    }

    private void curve(double[] curve, Scale scale, double right) {
        g.setStroke(theme.line());
        g.setLineWidth(1.6);
        g.beginPath();
        boolean drawing = false;
        for (int i = 0; i < curve.length; i++) {
            if (!Double.isFinite(curve[i])) {
                drawing = false;
                continue;
            }
            double x = right * i / (curve.length - 1);
            double y = scale.y(curve[i]);
            if (drawing) {
                g.lineTo(x, y);
            } else {
                g.moveTo(x, y);
            }
            drawing = true;
        }
        g.stroke();
    }

    private void marks(Analysis.StripValue strip, Scale scale, double right, WheelTravel pose, Travel travel) {
        boolean out = strip.mark().filter(mark -> mark.distance() != 0).isPresent();
        if (out && Double.isFinite(strip.mark().get().value())) {
            double part = (strip.mark().get().travel().heave() + travel.droop())
                    / Math.max(1e-9, travel.droop() + travel.bump());
            double x = Math.max(7, Math.min(right - 7, part * right));
            g.setStroke(theme.limit());
            g.setLineWidth(2);
            double y = scale.y(strip.mark().get().value());
            g.strokeOval(x - 6, y - 6, 12, 12);
        }
        double present = strip.outcome().number();
        if (Double.isFinite(present)) {
            double part = (pose.heave() + travel.droop()) / Math.max(1e-9, travel.droop() + travel.bump());
            double x = Math.max(4, Math.min(right - 4, part * right));
            g.setFill(theme.hand());
            g.fillOval(x - 4, scale.y(present) - 4, 8, 8);
        }
    }

    private record Scale(double low, double high, double top, double bottom) {
        double y(double value) {
            return bottom - (value - low) / (high - low) * (bottom - top);
        }
    }
}
