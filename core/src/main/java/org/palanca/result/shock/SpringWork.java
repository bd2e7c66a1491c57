package org.palanca.result.shock;

import java.util.ArrayList;
import java.util.List;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.springing.BumpStop;
import org.palanca.vehicle.springing.Shock;
import org.palanca.vehicle.springing.Spring;
import org.palanca.vehicle.springing.SpringLaw;
import org.palanca.vehicle.springing.Springing;
import org.palanca.vehicle.springing.Strap;
import org.palanca.vehicle.springing.SwayBar;
import org.palanca.vehicle.springing.TorsionBar;

/**
 * The energy in everything springy on an axle at a pose, and how fast it grows with each wheel's travel: by virtual work
 * that rate is the load the springs put on the wheel. From the instantaneous motion, no differences.
 */
public final class SpringWork {
    private final Element[] elements;

    /** Something that stores energy by one coordinate of the pose. */
    private interface Element {
        double energy(AxleMotion motion);

        /** Rate of the energy with heave, or with roll [N]. */
        double rate(AxleMotion motion, boolean heave);
    }

    /** All of an axle's springs, bars, stops and straps. */
    public SpringWork(Axle axle) {
        Springing springing = axle.springing();
        List<Element> all = new ArrayList<>();
        for (Shock shock : springing.shocks()) {
            shock.spring()
                    .map(Spring::law)
                    .ifPresent(law -> all.add(new Along(
                            MountLine.of(axle, shock.upper(), shock.lower()), new Sprung(law, shock.full()))));
        }
        for (BumpStop stop : springing.stops()) {
            all.add(new Along(MountLine.of(axle, stop.from(), stop.to()), law(stop)));
        }
        for (Strap strap : springing.straps()) {
            all.add(new Along(MountLine.of(axle, strap.from(), strap.to()), law(strap)));
        }
        for (TorsionBar bar : springing.torsionBars()) {
            all.add(new Twisted(joint(axle, bar.joint()), bar));
        }
        for (SwayBar bar : springing.swayBars()) {
            all.add(new Between(joint(axle, bar.left()), joint(axle, bar.right()), bar.rate()));
        }
        elements = all.toArray(Element[]::new);
    }

    private static Law law(BumpStop stop) {
        return new Law() {
            @Override
            public double energy(double length) {
                return stop.energy(length);
            }

            @Override
            public double push(double length) {
                return stop.force(length);
            }
        };
    }

    private static Law law(Strap strap) {
        return new Law() {
            @Override
            public double energy(double length) {
                return strap.energy(length);
            }

            @Override
            public double push(double length) {
                return -strap.pull(length);
            }
        };
    }

    private static int joint(Axle axle, String name) {
        for (int i = 0; i < axle.joints().size(); i++) {
            if (axle.joints().get(i).name().equals(name)) {
                return i;
            }
        }
        throw new IllegalArgumentException(
                "no joint \"" + name + "\" on the " + axle.place().id());
    }

    /** Energy stored at a pose [J]. */
    public double energy(AxleMotion motion) {
        double sum = 0;
        for (Element element : elements) {
            sum += element.energy(motion);
        }
        return sum;
    }

    /** Load on both wheels together: energy a metre of both wheels' rise [N]. */
    public double heave(AxleMotion motion) {
        return sum(motion, true);
    }

    /** Load on the left wheel less that on the right: energy a metre of left up, right down [N]. */
    public double roll(AxleMotion motion) {
        return sum(motion, false);
    }

    /** Load on one wheel [N]; {@code side} +1 left, -1 right. */
    public double wheel(AxleMotion motion, int side) {
        return (heave(motion) + side * roll(motion)) / 2;
    }

    private double sum(AxleMotion motion, boolean heave) {
        double sum = 0;
        for (Element element : elements) {
            sum += element.rate(motion, heave);
        }
        return sum;
    }

    /** Energy and push by a length. */
    private interface Law {
        double energy(double length);

        double push(double length);
    }

    /** A shock's spring by the shock's length. */
    private record Sprung(SpringLaw spring, double full) implements Law {
        @Override
        public double energy(double length) {
            return spring.energy(full - length);
        }

        @Override
        public double push(double length) {
            return spring.force(full - length);
        }
    }

    /** The lever turns the way bump turns it; its twist grows with bump whichever way its axis points. */
    private static double sense(AxleMotion motion, int hinge) {
        return motion.hingeHeave(hinge) < 0 ? -1 : 1;
    }

    /**
     * How far a torsion bar is twisted at a pose [rad], in the sense that pushes the wheel down.
     *
     * @param hinge place of its joint among the axle's joints
     */
    public static double twist(AxleMotion motion, int hinge, TorsionBar bar) {
        return bar.windUp() + sense(motion, hinge) * motion.hingeAngle(hinge);
    }

    private record Along(MountLine line, Law law) implements Element {
        @Override
        public double energy(AxleMotion motion) {
            return law.energy(line.length(motion));
        }

        @Override
        public double rate(AxleMotion motion, boolean heave) {
            double grows = heave ? line.heaveRate(motion) : line.rollRate(motion);
            return -law.push(line.length(motion)) * grows;
        }
    }

    private record Twisted(int hinge, TorsionBar bar) implements Element {
        private double sense(AxleMotion motion) {
            return SpringWork.sense(motion, hinge);
        }

        private double twist(AxleMotion motion) {
            return SpringWork.twist(motion, hinge, bar);
        }

        @Override
        public double energy(AxleMotion motion) {
            double twist = twist(motion);
            return bar.rate() * twist * twist / 2;
        }

        @Override
        public double rate(AxleMotion motion, boolean heave) {
            double turns = heave ? motion.hingeHeave(hinge) : motion.hingeRoll(hinge);
            return bar.rate() * twist(motion) * sense(motion) * turns;
        }
    }

    private record Between(int left, int right, double rate) implements Element {
        private double twist(AxleMotion motion) {
            return motion.hingeAngle(left) - motion.hingeAngle(right);
        }

        @Override
        public double energy(AxleMotion motion) {
            double twist = twist(motion);
            return rate * twist * twist / 2;
        }

        @Override
        public double rate(AxleMotion motion, boolean heave) {
            double turns = heave
                    ? motion.hingeHeave(left) - motion.hingeHeave(right)
                    : motion.hingeRoll(left) - motion.hingeRoll(right);
            return rate * twist(motion) * turns;
        }
    }
}
