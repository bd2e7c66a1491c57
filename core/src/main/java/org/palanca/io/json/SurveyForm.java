package org.palanca.io.json;

import org.palanca.base.units.Quantity;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.MountReadings;
import org.palanca.vehicle.MountRef;
import org.palanca.vehicle.survey.Axis;
import org.palanca.vehicle.survey.Box;
import org.palanca.vehicle.survey.Cut;
import org.palanca.vehicle.survey.Mark;
import org.palanca.vehicle.survey.Reading;
import org.palanca.vehicle.survey.ReadingKind;
import org.palanca.vehicle.survey.Support;
import org.palanca.vehicle.survey.Survey;
import org.palanca.vehicle.survey.Zone;

/** What was measured on the floor. */
final class SurveyForm {
    private SurveyForm() {}

    static Survey survey(Fields<Survey> fields) {
        return new Survey(
                fields.named("marks", SurveyForm::mark, Mark::name, Survey::marks),
                fields.parts("readings", SurveyForm::reading, Survey::readings),
                fields.parts("zones", SurveyForm::zone, Survey::zones),
                fields.parts("cuts", SurveyForm::cut, Survey::cuts),
                fields.parts("supports", SurveyForm::support, Survey::supports));
    }

    private static Mark mark(Fields<Mark> fields) {
        return new Mark(
                fields.name(),
                fields.value("near_mm", Form.PLACE, Mark::near),
                fields.value("defined", Form.sorted(Form.constant(Axis.class)), Mark::defined),
                fields.listIfAny("photos", Form.TEXT, Mark::photos));
    }

    /** Its numbers are in the unit of what is read, which is part of their keys. */
    private static Reading reading(Fields<Reading> fields) {
        ReadingKind kind = fields.constant("kind", ReadingKind.class, Reading::kind);
        Quantity quantity = kind.quantity();
        return new Reading(
                kind,
                fields.text("from", Reading::from),
                fields.value("to", Form.TEXT, "", reading -> kind.between() ? reading.to() : ""),
                fields.list("values_" + quantity.fileUnit(), Form.in(quantity), Reading::values),
                fields.constant("instrument", kind.usual(), Reading::instrument),
                fields.optional("spread_" + quantity.fileUnit(), quantity, Reading::spread));
    }

    private static Zone zone(Fields<Zone> fields) {
        return new Zone(
                fields.text("name", Zone::name),
                fields.constant("rule", Zone.Rule.class, Zone::rule),
                fields.inline(SurveyForm::box, Zone::room));
    }

    private static Cut cut(Fields<Cut> fields) {
        String name = fields.text("name", Cut::name);
        String scheme = fields.text("scheme", Cut::scheme);
        boolean done = fields.value("done", Form.FLAG, Cut::done);
        return new Cut(name, scheme, fields.inline(SurveyForm::box, Cut::room), done);
    }

    private static Support support(Fields<Support> fields) {
        return new Support(
                fields.text("name", Support::name),
                fields.text("holds", Support::holds),
                fields.inline(SurveyForm::box, Support::room));
    }

    static Box box(Fields<Box> fields) {
        return new Box(
                fields.length("rear_mm", Box::rear),
                fields.length("front_mm", Box::front),
                fields.length("right_mm", Box::right),
                fields.length("left_mm", Box::left),
                fields.length("bottom_mm", Box::bottom),
                fields.length("top_mm", Box::top));
    }

    /** Readings of a mount after it was tacked. */
    static MountReadings found(Fields<MountReadings> fields) {
        return new MountReadings(
                new MountRef(
                        fields.constant(
                                "axle", AxlePlace.class, found -> found.mount().axle()),
                        fields.text("mount", found -> found.mount().mount())),
                fields.parts("readings", SurveyForm::reading, MountReadings::readings));
    }
}
