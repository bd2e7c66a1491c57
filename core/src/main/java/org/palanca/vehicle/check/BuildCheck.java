package org.palanca.vehicle.check;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Lengths;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.BodyName;
import org.palanca.vehicle.Hose;
import org.palanca.vehicle.LoadFactors;
import org.palanca.vehicle.Mount;
import org.palanca.vehicle.MountReadings;
import org.palanca.vehicle.Part;
import org.palanca.vehicle.PlacingLimits;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.hardware.Stock;
import org.palanca.vehicle.housing.Housing;
import org.palanca.vehicle.housing.PurchasedPart;
import org.palanca.vehicle.survey.Box;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.survey.Reading;
import org.palanca.vehicle.survey.ReadingKind;
import org.palanca.vehicle.survey.Survey;

/** Checks what is known from the floor: names that lead nowhere, boxes inside out, sums that can't be. */
final class BuildCheck {
    /** No saw cuts wider than this [m]. */
    private static final double WIDEST_KERF = Lengths.inches(0.5);

    /** No link is designed for more than so many times its load. */
    private static final double HARDEST_LOAD = 20;

    /** No tube is sold longer than this [m]. */
    private static final double LONGEST_STOCK = 25;

    private static final int LONGEST_NAME = 200;

    private final Vehicle vehicle;
    private final Survey survey;
    private final Set<String> marks = new HashSet<>();
    private final List<Finding> findings = new ArrayList<>();

    private BuildCheck(Vehicle vehicle) {
        this.vehicle = vehicle;
        survey = vehicle.build().survey();
        survey.marks().forEach(mark -> marks.add(mark.name()));
    }

    static List<Finding> findings(Vehicle vehicle) {
        BuildCheck check = new BuildCheck(vehicle);
        check.survey();
        vehicle.build().surroundings().forEach(check::surroundings);
        vehicle.build().housings().forEach(check::housing);
        vehicle.build().weights().forEach((place, weights) -> {
            if (weights.sprung(1) <= 0 || weights.sprung(-1) <= 0) {
                check.error(
                        "/build/axles/" + place.id() + "/weights",
                        "check.unsprung",
                        Message.of("axle." + place.id()),
                        new Message.Measure(weights.unsprung(), Quantity.MASS),
                        new Message.Measure(weights.both(), Quantity.MASS));
            }
        });
        check.placing(vehicle.build().placing());
        check.stock(vehicle.build().stock());
        check.loads(vehicle.build().loads());
        for (int i = 0; i < vehicle.build().found().size(); i++) {
            check.found(vehicle.build().found().get(i), "/build/found/" + i);
        }
        return check.findings;
    }

    private void placing(PlacingLimits limits) {
        if (!limits.boltFits()) {
            error(
                    "/build/placing/bolt_mm",
                    "placing.bolt_too_thick",
                    Message.fine(limits.bolt()),
                    Message.fine(limits.hole()));
        } else if (limits.left() <= 0) {
            error(
                    "/build/placing/tolerance_mm",
                    "placing.slop_too_large",
                    Message.fine(limits.slop()),
                    Message.fine(limits.tolerance()));
        }
    }

    private void loads(LoadFactors loads) {
        double[] factors = {loads.brake(), loads.drive(), loads.corner(), loads.bump(), loads.kerb(), loads.wanted()};
        String[] names = {"brake", "drive", "corner", "bump", "kerb", "wanted"};
        for (int i = 0; i < factors.length; i++) {
            double least = names[i].equals("wanted") ? 1 : 0;
            if (!(factors[i] >= least && factors[i] <= HARDEST_LOAD)) {
                error(
                        "/build/loads/" + names[i],
                        "check.load_factor",
                        Message.of("size.load_" + names[i]),
                        plain(factors[i]),
                        plain(least),
                        plain(HARDEST_LOAD));
            }
        }
    }

    private static String plain(double factor) {
        return String.format(Locale.ROOT, "%.4g", factor).replaceFirst("\\.?0+$", "");
    }

    private void stock(Stock stock) {
        if (!(stock.kerf() >= 0 && stock.kerf() <= WIDEST_KERF)) {
            error("/build/stock/kerf_mm", "check.stock_kerf", Message.fine(stock.kerf()), Message.fine(WIDEST_KERF));
        }
        for (int i = 0; i < stock.bars().size(); i++) {
            double length = stock.bars().get(i).length();
            if (!(length > 0 && length <= LONGEST_STOCK)) {
                error(
                        "/build/stock/bars/" + i + "/length_mm",
                        "check.stock_length",
                        Message.length(length),
                        Message.length(LONGEST_STOCK));
            }
        }
    }

    private void survey() {
        if (marks.size() < survey.marks().size()) {
            error("/build/survey/marks", "check.mark_twice");
        }
        for (Mark mark : survey.marks()) {
            int letters = mark.name().length();
            if (mark.name().isBlank() || letters > LONGEST_NAME) {
                error(
                        "/build/survey/marks",
                        "check.mark_name",
                        Integer.toString(letters),
                        Integer.toString(LONGEST_NAME));
            }
        }
        for (int i = 0; i < survey.readings().size(); i++) {
            reading(survey.readings().get(i), "/build/survey/readings/" + i, Set.of());
        }
        for (int i = 0; i < survey.zones().size(); i++) {
            box(survey.zones().get(i).name(), survey.zones().get(i).room(), "/build/survey/zones/" + i);
        }
        for (int i = 0; i < survey.cuts().size(); i++) {
            box(survey.cuts().get(i).name(), survey.cuts().get(i).room(), "/build/survey/cuts/" + i);
        }
        for (int i = 0; i < survey.supports().size(); i++) {
            box(survey.supports().get(i).name(), survey.supports().get(i).room(), "/build/survey/supports/" + i);
        }
    }

    private void reading(Reading reading, String at, Set<String> more) {
        known(reading.from(), at, more);
        if (reading.kind().between()) {
            known(reading.to(), at, more);
            if (reading.from().equals(reading.to())) {
                error(at, "check.reading_to_itself", reading.from());
            }
        }
        if (reading.instrument().quantity() != reading.kind().quantity()) {
            error(
                    at,
                    "check.reading_instrument",
                    Message.of("survey.kind." + reading.kind().id()),
                    Message.of("survey.instrument." + reading.instrument().id()));
        }
        boolean lengthways = reading.kind() == ReadingKind.DISTANCE;
        if (lengthways && reading.values().stream().anyMatch(value -> value <= 0)) {
            error(at, "check.reading_negative", reading.from(), reading.to(), Message.length(reading.value()));
        }
    }

    private void known(String mark, String at, Set<String> more) {
        if (!marks.contains(mark) && !more.contains(mark)) {
            error(at, "check.reading_mark", mark, NearestName.of(mark, marks));
        }
    }

    private void box(String name, Box box, String at) {
        if (box.rear() > box.front() || box.right() > box.left() || box.bottom() > box.top()) {
            error(at, "check.box_inside_out", name);
        }
    }

    private void surroundings(AxlePlace place, Surroundings around) {
        String at = "/build/axles/" + place.id();
        for (String end : List.of(around.leftEnd(), around.rightEnd())) {
            if (!end.isEmpty() && !marks.contains(end)) {
                error(at, "check.end_mark", end, NearestName.of(end, marks));
            }
        }
        around.well().ifPresent(well -> {
            if (well.rearEdge() >= well.frontEdge() || well.inner() >= well.outer()) {
                error(at + "/well", "check.well_inside_out");
            }
        });
        for (int i = 0; i < around.obstacles().size(); i++) {
            box(around.obstacles().get(i).name(), around.obstacles().get(i).room(), at + "/obstacles/" + i);
        }
        List<BodyName> bodies = vehicle.axle(place).map(Axle::bodies).orElse(List.of());
        Set<String> names = new HashSet<>();
        for (int i = 0; i < around.parts().size(); i++) {
            Part part = around.parts().get(i);
            String here = at + "/parts/" + i;
            if (!names.add(part.name())) {
                error(here, "check.part_twice", part.name());
            }
            PartCheck.fault(part, bodies)
                    .ifPresentOrElse(
                            fault -> findings.add(Finding.error(here, fault)),
                            () -> PartCheck.doubt(part).ifPresent(doubt -> findings.add(Finding.warning(here, doubt))));
        }
        hoses(around.hoses(), bodies, at);
    }

    private void hoses(List<Hose> hoses, List<BodyName> bodies, String at) {
        Set<String> names = new HashSet<>();
        for (int i = 0; i < hoses.size(); i++) {
            Hose hose = hoses.get(i);
            String here = at + "/hoses/" + i;
            if (!names.add(hose.name())) {
                error(here, "check.hose_twice", hose.name());
            }
            for (Hose.End end : List.of(hose.from(), hose.to())) {
                if (!end.body().equals(BodyName.FRAME) && !bodies.contains(end.body())) {
                    error(here, "check.hose_body", hose.name(), Message.of("body." + end.body()));
                }
            }
            double apart = Vector3D.distance(hose.from().at(), hose.to().at());
            if (!(hose.length() > 0)) {
                error(here, "check.hose_length", hose.name());
            } else if (hose.length() < apart + Hose.SLACK) {
                findings.add(Finding.warning(
                        here,
                        Message.of(
                                "check.hose_short",
                                hose.name(),
                                Message.length(hose.length()),
                                Message.length(apart),
                                Message.length(apart + Hose.SLACK - hose.length()))));
            }
        }
    }

    private void housing(AxlePlace place, Housing housing) {
        String at = "/build/axles/" + place.id() + "/housing";
        housing.sum().faults().forEach(fault -> findings.add(Finding.warning(at + "/sizes_mm", fault)));
        vehicle.axle(place)
                .ifPresent(axle -> HousingAgainstPlan.differences(vehicle, axle)
                        .forEach(fault -> findings.add(Finding.warning(at + "/sizes_mm", fault))));
        PurchasedPart.mismatches(housing.parts()).forEach(fault -> findings.add(Finding.warning(at + "/parts", fault)));
    }

    private void found(MountReadings found, String at) {
        String name = found.mount().mount();
        List<String> mounts = vehicle.axle(found.mount().axle()).map(Axle::mounts).orElse(List.of()).stream()
                .map(Mount::name)
                .toList();
        if (!mounts.contains(name)) {
            error(at, "check.found_mount", name, NearestName.of(name, mounts));
        }
        if (marks.contains(name)) {
            error(at, "check.found_mark", name);
        }
        found.readings().forEach(reading -> reading(reading, at, Set.of(name)));
    }

    private void error(String place, String key, Object... arguments) {
        findings.add(Finding.error(place, Message.of(key, arguments)));
    }
}
