package org.palanca.cli.print;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import org.palanca.study.assessment.ClearanceGain;
import org.palanca.study.assessment.TravelGain;
import org.palanca.study.clearance.ClearanceStudy;
import org.palanca.study.clearance.CollisionBodies;
import org.palanca.study.clearance.Overlap;
import org.palanca.study.limits.CycleWords;
import org.palanca.study.limits.Limit;
import org.palanca.study.limits.Limits;
import org.palanca.study.limits.TravelEnd;
import org.palanca.study.travel.TravelBounds;
import org.palanca.study.travel.WorstPose;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/** How far an axle goes, for programs. */
public final class CycleJson {
    private CycleJson() {}

    /** Writes what shares room, where the travel ends, the worst poses with all that is passed there, the nearest pairs. */
    public static void write(
            ReportJson report,
            Vehicle vehicle,
            AxlePlace place,
            Limits limits,
            List<ClearanceStudy.Tight> tight,
            List<ClearanceGain> roomier) {
        ObjectNode axle = report.axle(place);
        report.messages(
                axle,
                "overlaps",
                Overlap.of(limits.model(), limits.envelope()).stream()
                        .map(Overlap::said)
                        .toList());
        report.messages(
                axle,
                "passed_at_ride",
                limits.passedAtRide().stream().map(Limit::what).toList());
        report.messages(
                axle,
                "not_compared",
                CollisionBodies.notDrawn(
                        limits.model().vehicle(), limits.model().axle()));
        ArrayNode ends = axle.putArray("ends");
        for (TravelEnd end : TravelEnd.all(limits)) {
            end(report, ends.addObject(), vehicle, place, end);
        }
        worstPoses(report, axle.putArray("worst_poses"), limits);
        report.messages(
                axle,
                "would_give_room",
                roomier.stream().map(ClearanceGain::said).toList());
        ArrayNode pairs = axle.putArray("nearest");
        for (ClearanceStudy.Tight pair : tight) {
            ObjectNode node = pairs.addObject();
            node.put("good", pair.missing() <= 0);
            node.put("at_ride", pair.atRide());
            node.put("room_mm", ReportJson.millimetres(pair.room()));
            node.put("wanted_mm", ReportJson.millimetres(pair.wanted()));
            ReportJson.pose(node.putObject("pose"), pair.pose());
            report.message(node, CycleWords.tight(pair));
        }
    }

    private static void worstPoses(ReportJson report, ArrayNode worst, Limits limits) {
        for (WorstPose pose : limits.envelope().worst()) {
            ObjectNode node = worst.addObject();
            node.put("id", pose.id());
            ReportJson.pose(node, pose.pose());
            node.put("bounded", pose.bounded());
            pose.up().ifPresent(bound -> bound(node.putObject("up"), bound));
            pose.down().ifPresent(bound -> bound(node.putObject("down"), bound));
            ArrayNode passed = node.putArray("passed");
            for (Limits.Passed one : limits.passedAt(pose.pose())) {
                ObjectNode what = passed.addObject();
                what.put("by", one.by());
                report.message(what, one.limit().what());
            }
        }
    }

    private static void end(ReportJson report, ObjectNode node, Vehicle vehicle, AxlePlace place, TravelEnd end) {
        node.put("way", end.way().id());
        node.put("steer", end.steer());
        node.put("travel_mm", ReportJson.millimetres(end.travel()));
        node.put("wanted_mm", ReportJson.millimetres(end.wanted()));
        node.put("verdict", ReportJson.id(end.verdict()));
        node.put("good", end.asWanted());
        report.message(node, CycleWords.end(end));
        if (!end.reached()) {
            report.messages(
                    node,
                    "would_gain",
                    TravelGain.of(vehicle, place, end, () -> true).stream()
                            .map(TravelGain::said)
                            .toList());
        }
    }

    private static void bound(ObjectNode node, TravelBounds.Bound bound) {
        node.put("kind", bound.kind().id());
        node.put("name", bound.name());
    }
}
