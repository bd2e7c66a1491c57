package org.palanca.result;

import java.util.ArrayList;
import java.util.List;
import org.palanca.result.attitude.AxleShift;
import org.palanca.result.attitude.AxleSteer;
import org.palanca.result.attitude.CasterAngle;
import org.palanca.result.attitude.PinionAngle;
import org.palanca.result.links.LinkEnds;
import org.palanca.result.links.LinkLength;
import org.palanca.result.links.MountSeparation;
import org.palanca.result.links.PlanAngle;
import org.palanca.result.roll.RollAxisSlope;
import org.palanca.result.roll.RollCentreHeight;
import org.palanca.result.roll.RollSteer;
import org.palanca.result.side.AntiPercent;
import org.palanca.result.side.InstantCentreResult;
import org.palanca.result.side.ReactionLine;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Link;
import org.palanca.vehicle.LinkRole;
import org.palanca.vehicle.Mount;

/** Which results an axle has, in the order a builder reads them. */
public final class ResultCatalogue {
    private ResultCatalogue() {}

    /** The results that make sense for this axle: no caster where nothing steers, no pair angle without a pair. */
    public static List<Result> of(Axle axle) {
        List<Result> results = new ArrayList<>();
        AxlePlace place = axle.place();
        if (axle.driveShare() > 0) {
            results.add(new AntiPercent(place, AntiPercent.Force.DRIVE));
        }
        results.add(new RollCentreHeight(RollCentreHeight.Above.GROUND));
        results.add(new RollSteer());
        results.add(new PinionAngle());
        if (axle.caster().isPresent()) {
            results.add(new CasterAngle());
        }
        List<LinkEnds> uppers = pair(results, axle, LinkRole.UPPER);
        List<LinkEnds> lowers = pair(results, axle, LinkRole.LOWER);
        if (axle.brakeShare() > 0) {
            results.add(new AntiPercent(place, AntiPercent.Force.BRAKE));
        }
        results.add(new InstantCentreResult(InstantCentreResult.Coordinate.AHEAD));
        results.add(new InstantCentreResult(InstantCentreResult.Coordinate.HEIGHT));
        results.add(new ReactionLine());
        results.add(new RollAxisSlope());
        results.add(new RollCentreHeight(RollCentreHeight.Above.CHASSIS_DATUM));
        results.add(new AxleShift(AxleShift.Direction.SIDEWAYS));
        results.add(new AxleShift(AxleShift.Direction.WHEELBASE));
        results.add(new AxleSteer());
        if (!uppers.isEmpty() && !lowers.isEmpty()) {
            results.add(new MountSeparation(MountSeparation.End.FRAME, uppers, lowers));
            results.add(new MountSeparation(MountSeparation.End.AXLE, uppers, lowers));
        }
        for (Link link : axle.links()) {
            results.add(new LinkLength(link.name(), ends(axle, link)));
        }
        return List.copyOf(results);
    }

    private static List<LinkEnds> pair(List<Result> results, Axle axle, LinkRole role) {
        List<LinkEnds> links =
                axle.links(role).stream().map(link -> ends(axle, link)).toList();
        if (links.size() == 2) {
            results.add(new PlanAngle(role, links.get(0), links.get(1)));
        }
        return links;
    }

    /** A link's ends, the frame end first whichever way it was written. */
    private static LinkEnds ends(Axle axle, Link link) {
        int from = index(axle, link.from());
        int to = index(axle, link.to());
        boolean frameFirst = axle.mounts().get(from).body().equals(Mount.FRAME);
        return frameFirst ? new LinkEnds(from, to) : new LinkEnds(to, from);
    }

    private static int index(Axle axle, String mount) {
        for (int i = 0; i < axle.mounts().size(); i++) {
            if (axle.mounts().get(i).name().equals(mount)) {
                return i;
            }
        }
        throw new IllegalArgumentException("no mount \"" + mount + "\"");
    }
}
