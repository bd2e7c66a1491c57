package org.palanca.io.plate;

import java.util.Locale;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.palanca.base.outline.Corner;
import org.palanca.base.outline.Outline;
import org.palanca.floor.plate.FoldLine;
import org.palanca.floor.plate.MarkPlace;
import org.palanca.floor.plate.Opening;
import org.palanca.floor.plate.Plate;

/**
 * A plate as DXF of release 12, which every cutting shop reads: what is cut through on the layer CUT, closed, with arcs as arcs and
 * holes as circles; folds on BEND; the engraving on MARK. Release 12 has no word for units: $INSUNITS says them, and so does a
 * comment. Number, revision, hand, count, thickness, material and fingerprint stand in comments, one key a line.
 */
public final class PlateDxf {
    static final String CUT = "CUT";
    static final String BEND = "BEND";
    static final String MARK = "MARK";

    /** Before the keys of a plate's title in comments. */
    static final String TITLE = "palanca ";

    private final PlateUnit unit;
    private final StringBuilder out = new StringBuilder();

    private PlateDxf(PlateUnit unit) {
        this.unit = unit;
    }

    /** The file's text. */
    public static String text(Plate plate, PlateUnit unit) {
        PlateDxf dxf = new PlateDxf(unit);
        dxf.title(plate);
        dxf.head(plate);
        dxf.entities(plate);
        dxf.group(0, "EOF");
        return dxf.out.toString();
    }

    private void title(Plate plate) {
        comment("number", plate.number());
        comment("revision", plate.revision());
        comment("hand", plate.hand().map(side -> side.id()).orElse("both"));
        comment("count", Integer.toString(plate.count()));
        comment("part", plate.part());
        comment("units", unit.id());
        comment("thickness", number(plate.flat().thickness()));
        comment("material", plate.flat().material());
        comment("fingerprint", plate.fingerprint());
        for (Opening hole : plate.flat().openings()) {
            comment(
                    "hole",
                    number(hole.diameter()) + " for a bolt of " + number(hole.bolt()) + ", "
                            + hole.role().id());
        }
        for (FoldLine fold : plate.flat().folds()) {
            comment(
                    "fold",
                    String.format(Locale.ROOT, "%.2f deg", Math.toDegrees(fold.angle()))
                            + " towards the engraved face, inside radius " + number(fold.radius()));
        }
        if (plate.flat().bevel() > 0) {
            comment(
                    "bevel",
                    String.format(
                            Locale.ROOT,
                            "%.2f deg at the foot",
                            Math.toDegrees(plate.flat().bevel())));
        }
    }

    private void comment(String key, String value) {
        group(999, TITLE + key + ": " + value);
    }

    private void head(Plate plate) {
        var bounds = plate.flat().outline().bounds();
        group(0, "SECTION");
        group(2, "HEADER");
        group(9, "$ACADVER");
        group(1, "AC1009");
        group(9, "$INSUNITS");
        group(70, Integer.toString(unit.code()));
        group(9, "$EXTMIN");
        place(new Vector2D(bounds.left(), bounds.bottom()));
        group(9, "$EXTMAX");
        place(new Vector2D(bounds.right(), bounds.top()));
        group(0, "ENDSEC");
        group(0, "SECTION");
        group(2, "TABLES");
        group(0, "TABLE");
        group(2, "LAYER");
        group(70, "3");
        int colour = 1;
        for (String layer : new String[] {CUT, BEND, MARK}) {
            group(0, "LAYER");
            group(2, layer);
            group(70, "0");
            group(62, Integer.toString(colour++));
            group(6, "CONTINUOUS");
        }
        group(0, "ENDTAB");
        group(0, "ENDSEC");
    }

    private void entities(Plate plate) {
        group(0, "SECTION");
        group(2, "ENTITIES");
        outline(plate.flat().outline());
        for (Opening hole : plate.flat().openings()) {
            if (hole.role() == Opening.Role.SLOT) {
                outline(hole.outline());
            } else {
                group(0, "CIRCLE");
                group(8, CUT);
                place(hole.centre());
                group(40, number(hole.diameter() / 2));
            }
        }
        for (FoldLine fold : plate.flat().folds()) {
            group(0, "LINE");
            group(8, BEND);
            place(fold.from());
            group(11, number(fold.to().getX()));
            group(21, number(fold.to().getY()));
            group(31, "0.0");
        }
        Optional<MarkPlace> mark = MarkPlace.of(plate.flat(), plate.mark());
        mark.ifPresent(at -> {
            group(0, "TEXT");
            group(8, MARK);
            place(at.at());
            group(40, number(at.height()));
            group(1, plate.mark());
        });
        group(0, "ENDSEC");
    }

    private void outline(Outline outline) {
        group(0, "POLYLINE");
        group(8, CUT);
        group(66, "1");
        place(Vector2D.ZERO);
        group(70, "1");
        for (Corner corner : outline.corners()) {
            group(0, "VERTEX");
            group(8, CUT);
            place(corner.at());
            if (corner.bulge() != 0) {
                group(42, String.format(Locale.ROOT, "%.9f", corner.bulge()));
            }
        }
        group(0, "SEQEND");
        group(8, CUT);
    }

    private void place(Vector2D at) {
        group(10, number(at.getX()));
        group(20, number(at.getY()));
        group(30, "0.0");
    }

    private String number(double metres) {
        return String.format(Locale.ROOT, "%.6f", metres / unit.metres() + 0.0);
    }

    /** A name may have anything in it; a break of the line would be a group of its own. */
    private void group(int code, String value) {
        out.append(String.format(Locale.ROOT, "%3d", code))
                .append("\r\n")
                .append(value.replaceAll("\\p{Cntrl}", " "))
                .append("\r\n");
    }
}
