package org.palanca.io.json;

import com.fasterxml.jackson.databind.JsonNode;
import org.palanca.base.units.Quantity;
import org.palanca.vehicle.bracket.Bracket;
import org.palanca.vehicle.bracket.Seat;
import org.palanca.vehicle.bracket.Way;
import org.palanca.vehicle.hardware.BoltWay;
import org.palanca.vehicle.work.ServiceMoment;

/** What brackets are made of. */
final class BracketForm {
    private BracketForm() {}

    static Bracket bracket(Fields<Bracket> fields) {
        return new Bracket(
                fields.constant("form", Bracket.Form.class, Bracket::form),
                fields.partIfAny("seat", BracketForm::seat, Bracket::seat),
                fields.optional("edge_mm", Quantity.LENGTH, Bracket::edge),
                fields.optional("foot_mm", Quantity.LENGTH, Bracket::foot),
                fields.length("shift_mm", 0, Bracket::shift),
                fields.optional("bend_radius_mm", Quantity.LENGTH, Bracket::bendRadius),
                fields.optional("k_factor", Quantity.RATIO, Bracket::kFactor),
                fields.text("material", Bracket::material),
                fields.partIfAny("ears", HardwareForm::ears, Bracket::ears),
                fields.optional("bolt", Form.constant(BoltWay.class), Bracket::bolt),
                fields.flag("locating", false, Bracket::locating),
                fields.optional("bolt_out", Form.constant(Way.class), Bracket::out),
                fields.constant("bolt_out_when", ServiceMoment.STANDS, Bracket::when));
    }

    private static Seat seat(Fields<Seat> fields) {
        return fields.oneOf(
                BracketForm::kind,
                (seat, kinds) -> seat.visit(
                        face -> kinds.as(BracketForm::face, face), tube -> kinds.as(BracketForm::tube, tube)));
    }

    private static Seat kind(JsonNode node, Fields.Taking<Seat> kinds) {
        return node.has("face") ? kinds.as(BracketForm::face) : kinds.as(BracketForm::tube);
    }

    private static Seat.Face face(Fields<Seat.Face> fields) {
        return new Seat.Face(
                fields.constant("face", Way.class, Seat.Face::way),
                fields.length("distance_mm", Seat.Face::distance),
                fields.optional("wall_mm", Quantity.LENGTH, Seat.Face::wall));
    }

    private static Seat.Tube tube(Fields<Seat.Tube> fields) {
        return new Seat.Tube(
                fields.length("tube_mm", Seat.Tube::diameter),
                fields.constant("along", BoltWay.class, Seat.Tube::along),
                fields.angle("clock_deg", Seat.Tube::clock),
                fields.length("distance_mm", Seat.Tube::distance),
                fields.optional("wall_mm", Quantity.LENGTH, Seat.Tube::wall));
    }
}
