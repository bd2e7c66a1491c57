package org.palanca.study.travel;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.shock.MountLine;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.springing.Shock;
import org.palanca.vehicle.springing.Springing;

/**
 * The hardware that ends the travel of an axle: bump stops squeezed solid, straps tight, shocks home or out, coils solid. What
 * is passed at ride already is not as described and bounds nothing.
 */
public final class TravelBounds {
    /** Less than this past a bound is still at it [m]. */
    private static final double AT_IT = 1e-6;

    /** What sort of bound. */
    public enum Kind {
        STOP(true),
        COIL_BIND(true),
        SHOCK_COLLAPSED(true),
        STRAP(false),
        SHOCK_EXTENDED(false);

        private final boolean up;

        Kind(boolean up) {
            this.up = up;
        }

        public String id() {
            return name().toLowerCase(Locale.ROOT);
        }

        /** Whether it stops a wheel from rising; otherwise from falling. */
        public boolean up() {
            return up;
        }

        /** Whether it is a shock that takes the blow: a fault, however far the wheel went. */
        public boolean shock() {
            return this == SHOCK_COLLAPSED || this == SHOCK_EXTENDED;
        }
    }

    /**
     * One bound.
     *
     * @param name of the stop, strap or shock
     */
    public record Bound(Kind kind, String name) {}

    private final AxleModel model;
    private final List<Bound> bounds = new ArrayList<>();
    private final List<ToDoubleFunction<AxleModel>> margins = new ArrayList<>();

    /** Sets up an axle whose description has no errors. The model is left at ride. */
    public TravelBounds(AxleModel model) {
        this.model = model;
        Axle axle = model.axle();
        Springing springing = axle.springing();
        for (Shock shock : springing.shocks()) {
            MountLine line = MountLine.of(axle, shock.upper(), shock.lower());
            shock.size().ifPresent(size -> {
                add(Kind.SHOCK_COLLAPSED, shock.name(), m -> line.length(m.motion()) - size.collapsed());
                add(Kind.SHOCK_EXTENDED, shock.name(), m -> size.extended() - line.length(m.motion()));
            });
            shock.coils()
                    .ifPresent(coils -> add(
                            Kind.COIL_BIND,
                            shock.name(),
                            m -> coils.room() - coils.squeezed(shock.travelFromExtended(line.length(m.motion())))));
        }
        springing.stops().forEach(stop -> {
            MountLine line = MountLine.of(axle, stop.from(), stop.to());
            add(Kind.STOP, stop.name(), m -> line.length(m.motion()) - stop.collapsed());
        });
        springing.straps().forEach(strap -> {
            MountLine line = MountLine.of(axle, strap.from(), strap.to());
            add(Kind.STRAP, strap.name(), m -> strap.length() - line.length(m.motion()));
        });
        model.toRide();
        for (int i = bounds.size() - 1; i >= 0; i--) {
            if (margins.get(i).applyAsDouble(model) < 0) {
                bounds.remove(i);
                margins.remove(i);
            }
        }
    }

    private void add(Kind kind, String name, ToDoubleFunction<AxleModel> margin) {
        bounds.add(new Bound(kind, name));
        margins.add(margin);
    }

    /** Whether there is anything that stops a wheel from rising, or else from falling. */
    public boolean any(boolean up) {
        return bounds.stream().anyMatch(bound -> bound.kind().up() == up);
    }

    /** Whether the model's present pose is one the hardware lets the axle get to; to be asked where the axle closes. */
    public boolean hold() {
        for (int i = 0; i < bounds.size(); i++) {
            if (margins.get(i).applyAsDouble(model) < -AT_IT) {
                return false;
            }
        }
        return true;
    }

    /** The bound that is passed most at the model's present pose; empty where none is. */
    Optional<Bound> passed() {
        int most = -1;
        double least = 0;
        for (int i = 0; i < bounds.size(); i++) {
            double margin = margins.get(i).applyAsDouble(model);
            if (margin < least) {
                least = margin;
                most = i;
            }
        }
        return most < 0 ? Optional.empty() : Optional.of(bounds.get(most));
    }
}
