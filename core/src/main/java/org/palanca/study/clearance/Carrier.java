package org.palanca.study.clearance;

import org.hipparchus.geometry.euclidean.threed.Rotation;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.solid.BodyFrame;
import org.palanca.mechanism.axle.BarTurn;
import org.palanca.result.catalogue.AxleModel;

/** What a thing moves with, and so where its frame is at a pose. */
public sealed interface Carrier {
    /** Writes where the frame is at the model's present pose. */
    void locate(AxleModel model, BodyFrame into);

    /** The chassis, which stands still. */
    record Frame() implements Carrier {
        @Override
        public void locate(AxleModel model, BodyFrame into) {
            // Stays where it was set up: at the vehicle's own frame.
        }
    }

    /** A body of the mechanism, by its index; its frame begins at the body's origin. */
    record Moving(int body) implements Carrier {
        @Override
        public void locate(AxleModel model, BodyFrame into) {
            model.locate(body, into);
        }
    }

    /** The level ground under the two tyres of this axle. */
    record Ground() implements Carrier {
        @Override
        public void locate(AxleModel model, BodyFrame into) {
            into.origin(2, model.motion().ground());
        }
    }

    /** A bar between points of two bodies: its frame begins at the first, x towards the second. */
    record Between(Anchor from, Anchor to) implements Carrier {
        @Override
        public void locate(AxleModel model, BodyFrame into) {
            Vector3D start = from.at(model);
            Vector3D along = to.at(model).subtract(start).normalize();
            along(start, along, along.orthogonal(), into);
        }
    }

    /** The same for what is flat: y stays level, unless it stands upright. */
    record Flat(Anchor from, Anchor to) implements Carrier {
        @Override
        public void locate(AxleModel model, BodyFrame into) {
            Vector3D start = from.at(model);
            Vector3D along = to.at(model).subtract(start).normalize();
            Vector3D level = Vector3D.crossProduct(Vector3D.PLUS_K, along);
            along(start, along, level.getNorm() < 1e-6 ? along.orthogonal() : level.normalize(), into);
        }
    }

    /** A bent bar: its frame begins at its first pin, x towards the second at ride, y to the side its offsets count to. */
    record Bar(Anchor from, BarTurn turn) implements Carrier {
        @Override
        public void locate(AxleModel model, BodyFrame into) {
            Rotation since = turn.since(model.motion());
            along(from.at(model), since.applyTo(turn.along()), since.applyTo(turn.out()), into);
        }
    }

    private static void along(Vector3D start, Vector3D along, Vector3D beside, BodyFrame into) {
        Vector3D third = Vector3D.crossProduct(along, beside);
        Vector3D[] columns = {along, beside, third};
        for (int column = 0; column < 3; column++) {
            into.rotation(0, column, columns[column].getX());
            into.rotation(1, column, columns[column].getY());
            into.rotation(2, column, columns[column].getZ());
        }
        into.origin(0, start.getX());
        into.origin(1, start.getY());
        into.origin(2, start.getZ());
    }

    /** A point of a body: a mount by its index, or a place on a body by the body's index. */
    sealed interface Anchor {
        /** Where it is at the model's present pose [m]. */
        Vector3D at(AxleModel model);

        /** A mount by its index in the axle's list. */
        record AtMount(int mount) implements Anchor {
            @Override
            public Vector3D at(AxleModel model) {
                return model.motion().mount(mount);
            }
        }

        /** A place that stands still [m]. */
        record Still(Vector3D place) implements Anchor {
            @Override
            public Vector3D at(AxleModel model) {
                return place;
            }
        }

        /** A place on a moving body, from its origin at ride [m]. */
        record On(int body, Vector3D local) implements Anchor {
            @Override
            public Vector3D at(AxleModel model) {
                BodyFrame now = new BodyFrame();
                model.locate(body, now);
                return now.at(local);
            }
        }
    }
}
