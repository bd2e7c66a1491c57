package org.palanca.floor.plate;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Locale;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.palanca.base.outline.Corner;

/** Eight letters that tell a plate as it is cut from another: lengths count to a hundredth of a millimetre. */
final class Fingerprint {
    private static final int LETTERS = 8;

    private Fingerprint() {}

    static String of(FlatPart part) {
        StringBuilder all = new StringBuilder();
        length(all, part.thickness());
        all.append(part.material());
        for (Corner corner : part.outline().corners()) {
            place(all, corner.at());
            number(all, corner.bulge());
        }
        for (Opening hole : part.openings()) {
            place(all, hole.centre());
            length(all, hole.diameter());
            length(all, hole.length());
            number(all, hole.role() == Opening.Role.SLOT ? hole.direction() : 0);
            all.append(hole.role());
        }
        for (FoldLine fold : part.folds()) {
            place(all, fold.from());
            place(all, fold.to());
            number(all, fold.angle());
            length(all, fold.radius());
        }
        number(all, part.bevel());
        try {
            byte[] digest =
                    MessageDigest.getInstance("SHA-256").digest(all.toString().getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(digest).substring(0, LETTERS);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    private static void place(StringBuilder all, Vector2D at) {
        length(all, at.getX());
        length(all, at.getY());
    }

    private static void length(StringBuilder all, double metres) {
        all.append(Math.round(metres * 1e5)).append(' ');
    }

    private static void number(StringBuilder all, double value) {
        all.append(String.format(Locale.ROOT, "%.3f ", value + 0.0));
    }
}
