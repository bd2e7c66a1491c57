package org.palanca.io.json;

import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.palanca.base.units.Quantity;
import org.palanca.vehicle.springing.Air;
import org.palanca.vehicle.springing.BumpStop;
import org.palanca.vehicle.springing.Coil;
import org.palanca.vehicle.springing.Coils;
import org.palanca.vehicle.springing.Shock;
import org.palanca.vehicle.springing.ShockSize;
import org.palanca.vehicle.springing.Spring;
import org.palanca.vehicle.springing.Springing;
import org.palanca.vehicle.springing.Strap;
import org.palanca.vehicle.springing.SwayBar;
import org.palanca.vehicle.springing.TorsionBar;

/** What carries an axle. What there is none of is left out. */
final class SpringingForm {
    private SpringingForm() {}

    static Springing springing(Fields<Springing> fields) {
        return new Springing(
                fields.namedIfAny("shocks", SpringingForm::shock, Shock::name, Springing::shocks),
                fields.namedIfAny("torsion_bars", SpringingForm::torsionBar, TorsionBar::name, Springing::torsionBars),
                fields.namedIfAny("sway_bars", SpringingForm::swayBar, SwayBar::name, Springing::swayBars),
                fields.namedIfAny("bump_stops", SpringingForm::stop, BumpStop::name, Springing::stops),
                fields.namedIfAny("straps", SpringingForm::strap, Strap::name, Springing::straps));
    }

    private static Shock shock(Fields<Shock> fields) {
        return new Shock(
                fields.name(),
                fields.text("upper", Shock::upper),
                fields.text("lower", Shock::lower),
                fields.partIfAny("size", SpringingForm::size, Shock::size),
                spring(fields));
    }

    private static ShockSize size(Fields<ShockSize> fields) {
        return new ShockSize(
                fields.text("model", ShockSize::model),
                fields.length("collapsed_mm", ShockSize::collapsed),
                fields.length("extended_mm", ShockSize::extended),
                fields.length("body_mm", ShockSize::body),
                fields.length("coil_mm", ShockSize::coil),
                fields.length("eye_mm", ShockSize::eye));
    }

    /** Air or coils, each under a key of its own. */
    private static Optional<Spring> spring(Fields<Shock> fields) {
        Optional<Air> air = fields.partIfAny("air", SpringingForm::air, SpringingForm::airOf);
        if (air.isPresent()) {
            return Optional.of(air.get());
        }
        Optional<List<Coil>> coils = fields.optional(
                "coils",
                Form.list((ObjectForm<Coil>) SpringingForm::coil),
                shock -> coilsOf(shock).map(Coils::coils));
        return coils.map(stack -> new Coils(
                stack,
                fields.length(
                        "preload_mm", shock -> coilsOf(shock).orElseThrow().preload())));
    }

    private static Optional<Air> airOf(Shock shock) {
        return shock.spring().flatMap(spring -> spring.match(coils -> Optional.<Air>empty(), Optional::of));
    }

    private static Optional<Coils> coilsOf(Shock shock) {
        return shock.spring().flatMap(spring -> spring.match(Optional::of, air -> Optional.<Coils>empty()));
    }

    private static Air air(Fields<Air> fields) {
        return new Air(
                fields.length("diameter_mm", Air::diameter),
                fields.length("column_mm", Air::column),
                fields.number("pressure_kpa", Quantity.PRESSURE, Air::pressure),
                fields.number("exponent", Quantity.RATIO, Air::exponent));
    }

    private static Coil coil(Fields<Coil> fields) {
        return new Coil(
                fields.number("rate_n_per_mm", Quantity.RATE, Coil::rate),
                fields.length("free_mm", Coil::free),
                fields.length("solid_mm", Coil::solid),
                fields.optional("stop_mm", Quantity.LENGTH, Coil::stop));
    }

    private static TorsionBar torsionBar(Fields<TorsionBar> fields) {
        return new TorsionBar(
                fields.name(),
                fields.text("joint", TorsionBar::joint),
                twist(fields, TorsionBar::rate),
                fields.angle("wind_up_deg", TorsionBar::windUp));
    }

    private static SwayBar swayBar(Fields<SwayBar> fields) {
        return new SwayBar(
                fields.name(),
                fields.text("left", SwayBar::left),
                fields.text("right", SwayBar::right),
                twist(fields, SwayBar::rate));
    }

    private static <T> double twist(Fields<T> fields, ToDoubleFunction<T> of) {
        return fields.number("rate_nm_per_deg", Quantity.TWIST_RATE, of);
    }

    private static BumpStop stop(Fields<BumpStop> fields) {
        return new BumpStop(
                fields.name(),
                fields.text("from", BumpStop::from),
                fields.text("to", BumpStop::to),
                fields.length("free_mm", BumpStop::free),
                fields.length("collapsed_mm", BumpStop::collapsed),
                fields.list("forces_n", Form.in(Quantity.FORCE), BumpStop::forces));
    }

    private static Strap strap(Fields<Strap> fields) {
        return new Strap(
                fields.name(),
                fields.text("from", Strap::from),
                fields.text("to", Strap::to),
                fields.length("length_mm", Strap::length));
    }
}
