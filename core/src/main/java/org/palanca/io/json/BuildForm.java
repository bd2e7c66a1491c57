package org.palanca.io.json;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.palanca.base.geometry.Side;
import org.palanca.base.units.Quantity;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.ClearanceRules;
import org.palanca.vehicle.Differential;
import org.palanca.vehicle.Driveline;
import org.palanca.vehicle.HalfShafts;
import org.palanca.vehicle.Hose;
import org.palanca.vehicle.LoadFactors;
import org.palanca.vehicle.MountReadings;
import org.palanca.vehicle.Note;
import org.palanca.vehicle.Obstacle;
import org.palanca.vehicle.PlacingLimits;
import org.palanca.vehicle.Surroundings;
import org.palanca.vehicle.Weights;
import org.palanca.vehicle.WheelWell;
import org.palanca.vehicle.hardware.Stock;
import org.palanca.vehicle.housing.Housing;
import org.palanca.vehicle.survey.Survey;
import org.palanca.vehicle.work.IssuedPlate;
import org.palanca.vehicle.work.Purchase;
import org.palanca.vehicle.work.StepEntry;

/** What is known and done on the floor. */
final class BuildForm {
    private static final Form<Map<AxlePlace, AxleBuild>> AXLES =
            Form.byConstant(AxlePlace.class, AxlePlace::id, (ObjectForm<AxleBuild>) BuildForm::axle);

    private BuildForm() {}

    static Build build(Fields<Build> fields) {
        Survey survey = fields.part("survey", SurveyForm::survey, Build::survey);
        Map<AxlePlace, AxleBuild> axles = fields.value("axles", AXLES, AxleBuild::of);
        List<MountReadings> found = fields.parts("found", SurveyForm::found, Build::found);
        List<StepEntry> log = fields.parts("log", BuildForm::entry, Build::log);
        List<Note> notes = fields.partsIfAny("notes", BuildForm::note, Build::notes);
        Build build = new Build(
                survey,
                Map.of(),
                Map.of(),
                found,
                log,
                notes,
                fields.part("clearance", PartForm::rules, ClearanceRules.COMMON, Build::rules),
                fields.part("placing", BuildForm::placing, PlacingLimits.COMMON, Build::placing),
                Map.of(),
                fields.part("stock", HardwareForm::stock, Stock.COMMON, Build::stock),
                fields.part("loads", BuildForm::loads, LoadFactors.COMMON, Build::loads),
                fields.partsIfAny("issued", BuildForm::issued, Build::issued),
                fields.partsIfAny("purchases", BuildForm::purchase, Build::purchases));
        for (Map.Entry<AxlePlace, AxleBuild> axle : axles.entrySet()) {
            build = axle.getValue().in(build, axle.getKey());
        }
        return build;
    }

    /** What is known of one axle, which the file keeps together. */
    private record AxleBuild(Surroundings surroundings, Optional<Weights> weights, Optional<Housing> housing) {
        static Map<AxlePlace, AxleBuild> of(Build build) {
            Map<AxlePlace, AxleBuild> axles = new EnumMap<>(AxlePlace.class);
            for (AxlePlace place : AxlePlace.values()) {
                AxleBuild axle = new AxleBuild(
                        build.surroundings(place),
                        Optional.ofNullable(build.weights().get(place)),
                        Optional.ofNullable(build.housings().get(place)));
                if (!axle.equals(new AxleBuild(Surroundings.NONE, Optional.empty(), Optional.empty()))) {
                    axles.put(place, axle);
                }
            }
            return axles;
        }

        Build in(Build build, AxlePlace place) {
            Build next = surroundings.equals(Surroundings.NONE) ? build : build.with(place, surroundings);
            next = weights.isPresent() ? next.with(place, weights.get()) : next;
            return housing.isPresent() ? next.with(place, housing.get()) : next;
        }
    }

    private static AxleBuild axle(Fields<AxleBuild> fields) {
        return new AxleBuild(
                fields.inline(BuildForm::surroundings, AxleBuild::surroundings),
                fields.partIfAny("weights", BuildForm::weights, AxleBuild::weights),
                fields.partIfAny("housing", HousingForm::housing, AxleBuild::housing));
    }

    private static PlacingLimits placing(Fields<PlacingLimits> fields) {
        return new PlacingLimits(
                fields.length("tolerance_mm", PlacingLimits::tolerance),
                fields.length("hole_mm", 0, PlacingLimits::hole),
                fields.length("bolt_mm", 0, PlacingLimits::bolt),
                fields.flag("off_floor", false, PlacingLimits::offFloor));
    }

    private static IssuedPlate issued(Fields<IssuedPlate> fields) {
        return new IssuedPlate(
                fields.text("part", IssuedPlate::part),
                fields.text("number", IssuedPlate::number),
                fields.text("revision", IssuedPlate::revision),
                fields.optional("hand", Form.constant(Side.class), IssuedPlate::hand),
                fields.value("count", Form.WHOLE, IssuedPlate::count),
                fields.text("fingerprint", IssuedPlate::fingerprint),
                fields.value("date", Form.DATE, IssuedPlate::date));
    }

    private static Purchase purchase(Fields<Purchase> fields) {
        return new Purchase(
                fields.text("item", Purchase::item),
                fields.value("rack", Form.WHOLE, 0, Purchase::rack),
                fields.optional("price", Quantity.RATIO, Purchase::price),
                fields.optional("needed_by", Form.DATE, Purchase::neededBy),
                fields.optional("keeps_until", Form.DATE, Purchase::keepsUntil));
    }

    private static LoadFactors loads(Fields<LoadFactors> fields) {
        return new LoadFactors(
                fields.number("brake", Quantity.RATIO, LoadFactors::brake),
                fields.number("drive", Quantity.RATIO, LoadFactors::drive),
                fields.number("corner", Quantity.RATIO, LoadFactors::corner),
                fields.number("bump", Quantity.RATIO, LoadFactors::bump),
                fields.number("kerb", Quantity.RATIO, LoadFactors::kerb),
                fields.number("wanted", Quantity.RATIO, LoadFactors::wanted));
    }

    private static Weights weights(Fields<Weights> fields) {
        return new Weights(
                fields.number("left_kg", Quantity.MASS, Weights::left),
                fields.number("right_kg", Quantity.MASS, Weights::right),
                fields.number("unsprung_kg", Quantity.MASS, Weights::unsprung));
    }

    private static Surroundings surroundings(Fields<Surroundings> fields) {
        String leftEnd = fields.value("left_end_mark", Form.TEXT, "", Surroundings::leftEnd);
        String rightEnd = fields.value("right_end_mark", Form.TEXT, "", Surroundings::rightEnd);
        return new Surroundings(
                fields.partIfAny("well", BuildForm::well, Surroundings::well),
                fields.partsIfAny("obstacles", BuildForm::obstacle, Surroundings::obstacles),
                fields.partsIfAny("parts", PartForm::part, Surroundings::parts),
                fields.partsIfAny("hoses", BuildForm::hose, Surroundings::hoses),
                fields.partIfAny("driveline", BuildForm::driveline, Surroundings::driveline),
                fields.partIfAny("differential", BuildForm::differential, Surroundings::differential),
                fields.partIfAny("half_shafts", BuildForm::halfShafts, Surroundings::halfShafts),
                leftEnd,
                rightEnd);
    }

    private static Obstacle obstacle(Fields<Obstacle> fields) {
        return new Obstacle(fields.text("name", Obstacle::name), fields.inline(SurveyForm::box, Obstacle::room));
    }

    private static Hose hose(Fields<Hose> fields) {
        return new Hose(
                fields.text("name", Hose::name),
                fields.part("from", BuildForm::end, Hose::from),
                fields.part("to", BuildForm::end, Hose::to),
                fields.length("length_mm", Hose::length),
                fields.length("bend_mm", 0, Hose::bend));
    }

    private static Hose.End end(Fields<Hose.End> fields) {
        return new Hose.End(
                fields.value("body", Form.BODY, Hose.End::body), fields.value("at_mm", Form.PLACE, Hose.End::at));
    }

    private static WheelWell well(Fields<WheelWell> fields) {
        return new WheelWell(
                fields.length("rear_edge_mm", WheelWell::rearEdge),
                fields.length("front_edge_mm", WheelWell::frontEdge),
                fields.length("top_mm", WheelWell::top),
                fields.length("inner_mm", WheelWell::inner),
                fields.length("outer_mm", WheelWell::outer),
                fields.length("wanted_mm", WheelWell::wanted));
    }

    private static Driveline driveline(Fields<Driveline> fields) {
        return new Driveline(
                fields.value("output_mm", Form.PLACE, Driveline::output),
                fields.angle("output_deg", Driveline::outputAngle),
                fields.length("reach_mm", Driveline::reach),
                fields.length("offset_mm", Driveline::offset),
                fields.length("drop_mm", Driveline::drop),
                fields.length("slip_mm", Driveline::slip),
                fields.constant("joints", Driveline.Joints.TWO, Driveline::joints),
                fields.angle("limit_deg", Driveline.COMMON_LIMIT, Driveline::limit),
                fields.angle("phase_deg", 0, Driveline::phase));
    }

    private static Differential differential(Fields<Differential> fields) {
        return new Differential(
                fields.value("middle_mm", Form.PLACE, Differential::middle),
                fields.angle("pinion_deg", 0, Differential::pinion),
                fields.length("nose_mm", Differential::nose),
                fields.length("drop_mm", 0, Differential::drop),
                fields.length("left_mm", Differential::left),
                fields.length("right_mm", Differential::right),
                fields.length("radius_mm", Differential::radius),
                fields.optional("ears_mm", Quantity.LENGTH, Differential::ears),
                fields.length("plate_mm", 0, Differential::plate));
    }

    private static HalfShafts halfShafts(Fields<HalfShafts> fields) {
        return new HalfShafts(
                fields.value("inner_mm", Form.PLACE, HalfShafts::inner),
                fields.length("inset_mm", HalfShafts::inset),
                fields.angle("limit_deg", HalfShafts::limit),
                fields.length("plunge_mm", HalfShafts::plunge));
    }

    private static StepEntry entry(Fields<StepEntry> fields) {
        return new StepEntry(
                fields.text("job", StepEntry::job),
                fields.text("step", StepEntry::step),
                fields.value("date", Form.DATE, StepEntry::date),
                fields.text("reason", StepEntry::reason));
    }

    private static Note note(Fields<Note> fields) {
        return new Note(
                fields.inline(BuildForm::subject, Note::about),
                fields.text("text", Note::text),
                fields.listIfAny("photos", Form.TEXT, Note::photos));
    }

    private static Note.Subject subject(Fields<Note.Subject> fields) {
        return new Note.Subject(
                fields.constant("about", Note.Kind.class, Note.Subject::kind),
                fields.optional("axle", Form.constant(AxlePlace.class), Note.Subject::axle),
                fields.text("name", Note.Subject::name));
    }
}
