package org.palanca.floor.plate;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.hipparchus.geometry.euclidean.twod.Vector2D;
import org.palanca.base.geometry.Side;
import org.palanca.base.outline.Corner;
import org.palanca.base.outline.Edge;
import org.palanca.base.outline.Outline;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.bracket.Bracket;
import org.palanca.vehicle.bracket.Way;
import org.palanca.vehicle.hardware.Ears;

/** Makes the plates of one bracket, and says what is wrong with them. */
final class BracketMaker {
    /** Of a bolt that slants more than this an ear's foot has to be bevelled, and no back fits [rad]. */
    private static final double LEVEL = Math.toRadians(1);

    /** A bolt comes out along itself, to within this [rad]. */
    private static final double OUT = Math.toRadians(45);

    /** Ears that stand taller than so many feet want something beside them: common practice, no source. */
    private static final double TALL = 1.5;

    /** Room all round a tab in its notch [m]. */
    private static final double FIT = 0.0002;

    /** A tab is this part of the edge that it stands on. */
    private static final double TAB = 0.4;

    private static final double NONE = 1e-6;

    private final Vehicle vehicle;
    private final Axle axle;
    private final Mount mount;
    private final Bracket bracket;
    private final Vector3D at;
    private final Remarks remarks = new Remarks();

    BracketMaker(Vehicle vehicle, Axle axle, String mount, Bracket bracket) {
        this.vehicle = vehicle;
        this.axle = axle;
        this.mount = axle.mount(mount).orElseThrow();
        this.bracket = bracket;
        at = axle.position(mount, vehicle.wheelbase());
    }

    BracketPlan plan() {
        Optional<Bolted> bolted = Bolted.at(vehicle, axle, mount.name());
        Optional<Ears> ears = bolted.flatMap(Bolted::ears);
        if (bolted.isEmpty()) {
            remarks.missing(Message.of("bracket.missing.bolted", mount.name()));
        } else if (ears.isEmpty()) {
            remarks.missing(Message.of("bracket.missing.ears", mount.name()));
        }
        Optional<Ground> ground = bolted.flatMap(one -> new SeatFinder(vehicle, axle, mount, bracket, remarks).of(one));
        return ears.isEmpty() || ground.isEmpty()
                ? plan(bolted, List.of(), Optional.empty(), List.of())
                : new Made(bolted.orElseThrow(), ears.get(), ground.get()).plan();
    }

    /** Room for the bolt to come out; empty where nobody said which way, or where that is not along it, which is remarked. */
    private Optional<BoltRoom> boltRoom(Bolted bolted, Ears ears) {
        if (bracket.out().isEmpty()) {
            remarks.note(Message.of("bracket.note.out"));
            return Optional.empty();
        }
        Way way = bracket.out().get();
        double along = way.direction(at.getY()).dotProduct(bolted.bolt());
        if (Math.abs(along) < Math.cos(OUT)) {
            remarks.fault(Message.of("bracket.fault.out", mount.name(), Message.of("bracket.way." + way.id())));
            return Optional.empty();
        }
        return Optional.of(BoltRoom.of(
                ears, BoltChoice.of(ears), at, bolted.bolt().scalarMultiply(Math.signum(along)), bracket.when()));
    }

    private BracketPlan plan(
            Optional<Bolted> bolted, List<PlacedPlate> ears, Optional<PlacedPlate> back, List<FlatPart> parts) {
        Optional<BoltRoom> room = ears.isEmpty()
                ? Optional.empty()
                : bolted.flatMap(one -> one.ears().flatMap(made -> boltRoom(one, made)));
        return new BracketPlan(
                new MountRef(axle.place(), mount.name()),
                bracket,
                bolted,
                bolted.flatMap(Bolted::ears).map(BoltChoice::of),
                ears,
                back,
                room,
                parts,
                remarks.missing(),
                remarks.faults(),
                remarks.notes());
    }

    /** The bracket once all is known that it takes. */
    private final class Made {
        private final Bolted bolted;
        private final Ears ears;
        private final Ground ground;
        private final EarShaper shaper;
        private final double thick;

        Made(Bolted bolted, Ears ears, Ground ground) {
            this.bolted = bolted;
            this.ears = ears;
            this.ground = ground;
            shaper = new EarShaper(vehicle, axle, mount, bracket, bolted, ears, ground, remarks);
            thick = ears.thickness();
        }

        BracketPlan plan() {
            judgeHoles();
            if (shaper.backed() && ground.bevel() > LEVEL) {
                remarks.fault(Message.of("bracket.fault.slanting_back", mount.name(), Message.angle(ground.bevel())));
                return BracketMaker.this.plan(Optional.of(bolted), List.of(), Optional.empty(), List.of());
            }
            double off = (ears.gap() + thick) / 2;
            Optional<Ear> one = shaper.ear(off, false);
            Optional<Ear> other = shaper.ear(-off, false);
            if (one.isEmpty() || other.isEmpty()) {
                return BracketMaker.this.plan(Optional.of(bolted), List.of(), Optional.empty(), List.of());
            }
            List<Ear> standing = List.of(one.get(), other.get());
            List<Ear> cut = standing.stream().map(this::notched).toList();
            judgeRoom(cut);
            Optional<PlacedPlate> back = shaper.backed() ? Optional.of(back(one.get())) : Optional.empty();
            List<FlatPart> parts = bracket.form() == Bracket.Form.FOLDED ? folded(off) : separate(cut, back);
            note();
            return BracketMaker.this.plan(
                    Optional.of(bolted), standing.stream().map(this::placed).toList(), back, parts);
        }

        // --- Where they stand ---

        private PlacedPlate placed(Ear ear) {
            return new PlacedPlate(
                    ear.outline(),
                    shaper.openings().stream().map(Opening::outline).toList(),
                    thick,
                    at.add(ear.off(), bolted.bolt()),
                    ground.right(),
                    ground.up());
        }

        /** On the seat, or on the flank of a bracket on a tube; its own x runs along the ears' edge. */
        private PlacedPlate back(Ear ear) {
            Edge edge = ear.webEdge();
            Vector2D middle = Ear.middle(edge).add(thick / 2, Ear.inward(edge));
            double half = edge.chord() / 2;
            return new PlacedPlate(
                    Outline.rectangle(-half, -ears.gap() / 2, half, ears.gap() / 2),
                    List.of(),
                    thick,
                    at.add(inSpace(middle)),
                    inSpace(Ear.along(edge)),
                    bolted.bolt());
        }

        private Vector3D inSpace(Vector2D place) {
            return new Vector3D(place.getX(), ground.right(), place.getY(), ground.up());
        }

        // --- As they are cut ---

        private List<FlatPart> separate(List<Ear> cut, Optional<PlacedPlate> back) {
            FlatPart one = ear(FlatPart.What.EAR, cut.get(0), 1);
            FlatPart other = ear(FlatPart.What.OTHER_EAR, cut.get(1), 1);
            List<FlatPart> all = new ArrayList<>(
                    one.serves(other) ? List.of(ear(FlatPart.What.EAR, cut.get(0), 2)) : List.of(one, other));
            back.ifPresent(plate -> all.add(part(
                    FlatPart.What.BACK,
                    1,
                    bracket.locating() ? tabbed(plate.outline()) : plate.outline(),
                    List.of(),
                    List.of())));
            return all;
        }

        private FlatPart ear(FlatPart.What what, Ear ear, int count) {
            return part(what, count, ear.outline(), shaper.openings(), List.of());
        }

        private FlatPart part(
                FlatPart.What what, int count, Outline outline, List<Opening> holes, List<FoldLine> folds) {
            return new FlatPart(
                    new MountRef(axle.place(), mount.name()),
                    what,
                    Math.abs(at.getY()) < NONE ? Optional.empty() : Optional.of(Side.of(at.getY())),
                    count,
                    thick,
                    bracket.material(),
                    outline,
                    holes,
                    folds,
                    bevelled() ? ground.bevel() : 0);
        }

        private boolean bevelled() {
            return !shaper.backed() && ground.bevel() > LEVEL;
        }

        /** With a notch for the back's tab, where that is wanted. */
        private Ear notched(Ear ear) {
            return bracket.form() == Bracket.Form.CLEVIS && bracket.locating()
                    ? ear.notched(TAB * ear.webEdge().chord() + 2 * FIT, thick + FIT)
                    : ear;
        }

        /** The back with a tab at both sides, as deep as the ears are thick. */
        private Outline tabbed(Outline plate) {
            double half = plate.bounds().width() / 2;
            double wide = ears.gap() / 2;
            double tab = TAB * half;
            double[][] quarter = {{half, wide}, {tab, wide}, {tab, wide + thick}};
            List<Corner> corners = new ArrayList<>();
            for (double[] at : quarter) {
                corners.add(Corner.straight(at[0], at[1]));
            }
            for (int i = quarter.length - 1; i >= 0; i--) {
                corners.add(Corner.straight(-quarter[i][0], quarter[i][1]));
            }
            for (double[] at : quarter) {
                corners.add(Corner.straight(-at[0], -at[1]));
            }
            for (int i = quarter.length - 1; i >= 0; i--) {
                corners.add(Corner.straight(quarter[i][0], -quarter[i][1]));
            }
            return new Outline(corners);
        }

        /** Both ears and the back in one; none where it can't be folded. */
        private List<FlatPart> folded(double off) {
            Fold fold = new Fold(thick, shaper.radius(), bracket.kFactor().orElse(Bracket.K_FACTOR), Math.PI / 2);
            double back = ears.gap() - 2 * fold.radius();
            if (fold.radius() < thick - NONE) {
                remarks.fault(Message.of(
                        "bracket.fault.sharp_fold",
                        mount.name(),
                        Message.length(fold.radius(), thick),
                        Message.length(thick)));
            }
            if (back < NONE) {
                remarks.fault(Message.of(
                        "bracket.fault.fold_wide",
                        mount.name(),
                        Message.length(ears.gap()),
                        Message.length(2 * fold.radius())));
                return List.of();
            }
            Optional<Ear> one = shaper.ear(off, true);
            Optional<Ear> other = shaper.ear(-off, true);
            if (one.isEmpty() || other.isEmpty()) {
                return List.of();
            }
            double turn = !shaper.onFlank() ? 0 : -shaper.flank() * Math.PI / 2;
            FoldedFlat flat = FoldedFlat.of(
                    one.get(), other.get(), shaper.openings(), turn, fold, back, backEnds(one.get(), turn));
            remarks.note(Message.of(
                    "bracket.note.fold",
                    Message.fine(fold.allowance()),
                    String.format(Locale.ROOT, "%.2f", fold.kFactor()),
                    Message.fine(fold.deduction())));
            return List.of(part(FlatPart.What.FOLDED, 1, flat.outline(), flat.openings(), flat.folds()));
        }

        /**
         * Left and right end of the back in the flat [m]: where the ears end, but that on a tube its foot stands where the inside
         * of the back meets the tube.
         */
        private double[] backEnds(Ear ear, double turn) {
            Edge edge = ear.outline().turned(turn).edges().get(ear.web());
            double[] ends = {edge.from().getX(), edge.to().getX()};
            if (shaper.onFlank()) {
                double inside = shaper.flank() * (shaper.flankAt() - thick);
                double foot = ground.at().apply(0).height(inside).orElse(0);
                // The back's top lies beside the bolt, and so at nothing.
                int seat = Math.abs(ends[0]) > Math.abs(ends[1]) ? 0 : 1;
                ends[seat] = FoldedFlat.turned(new Vector2D(inside, foot), turn).getX();
            }
            return ends;
        }

        // --- What is wrong ---

        private List<Vector2D> holes() {
            List<Vector2D> holes = new ArrayList<>(shaper.otherHoles());
            holes.add(Vector2D.ZERO);
            return holes;
        }

        private void judgeHoles() {
            double least = EdgeDistance.least(ears.bolt());
            if (shaper.eye() < least - NONE) {
                remarks.fault(Message.of(
                        "bracket.fault.edge",
                        mount.name(),
                        Message.length(shaper.eye(), least),
                        Message.length(least)));
            }
            if (ears.hole() < ears.bolt() - NONE) {
                remarks.fault(Message.of(
                        "cut.hole_small", mount.name(), Message.fine(ears.hole()), Message.fine(ears.bolt())));
            }
            double paint = 2 * vehicle.build().rules().paint();
            if (bolted.width().isEmpty()) {
                remarks.note(Message.of("bracket.note.width"));
            } else if (bolted.width().getAsDouble() + paint > ears.gap() + NONE) {
                remarks.fault(Message.of(
                        "cut.ears_tight",
                        mount.name(),
                        Message.fine(bolted.width().getAsDouble() + paint - ears.gap())));
            }
            List<Vector2D> holes = holes();
            double wanted = ears.bolt() / 2;
            for (int i = 0; i < holes.size(); i++) {
                for (int k = 0; k < i; k++) {
                    double between = Vector2D.distance(holes.get(i), holes.get(k)) - ears.hole();
                    if (between < wanted - NONE) {
                        remarks.fault(Message.of(
                                "bracket.fault.holes_near",
                                mount.name(),
                                Message.length(Math.max(0, between), wanted),
                                Message.length(wanted)));
                    }
                }
            }
        }

        /** Metal between the holes and the foot, and room for the joint behind the bolt. */
        private void judgeRoom(List<Ear> cut) {
            double least = EdgeDistance.least(ears.bolt());
            double near = Double.MAX_VALUE;
            for (Ear ear : cut) {
                for (Vector2D hole : holes()) {
                    near = Math.min(
                            near, ear.outline().contains(hole) ? ear.outline().distance(hole) : 0);
                }
            }
            if (near < least - NONE) {
                remarks.fault(Message.of(
                        "bracket.fault.near_seat", mount.name(), Message.length(near, least), Message.length(least)));
            }
            if (bolted.head().isEmpty()) {
                remarks.note(Message.of("bracket.note.head"));
                return;
            }
            double behind = shaper.height() - (shaper.backed() && !shaper.onFlank() ? thick : 0);
            double left = behind - bolted.head().getAsDouble();
            double wanted = vehicle.build().rules().worst();
            if (left < wanted - NONE) {
                remarks.fault(Message.of(
                        "bracket.fault.head",
                        mount.name(),
                        bolted.name(),
                        Message.length(left, wanted),
                        Message.length(wanted)));
            }
        }

        private void note() {
            if (!shaper.backed() && shaper.height() > TALL * shaper.foot()) {
                remarks.note(Message.of(
                        "bracket.note.tall", Message.length(shaper.height()), Message.length(shaper.foot())));
            }
            if (bevelled()) {
                remarks.note(Message.of("bracket.note.bevel", Message.angle(ground.bevel())));
            }
            if (!bolted.told() && !bolted.link()) {
                remarks.note(Message.of("bracket.note.bolt_way"));
            } else if (!bolted.told() && ground.bevel() > LEVEL) {
                remarks.note(Message.of("bracket.note.square", bolted.name(), Message.angle(ground.bevel())));
            }
            if (bracket.material().isEmpty()) {
                remarks.note(Message.of("bracket.note.material"));
            }
        }
    }
}
