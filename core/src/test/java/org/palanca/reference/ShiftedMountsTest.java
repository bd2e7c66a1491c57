package org.palanca.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import org.palanca.Draw;
import org.palanca.Drawn;
import org.palanca.Examples;
import org.palanca.io.json.VehicleFile;
import org.palanca.io.json.VehicleFileException;
import org.palanca.result.Result;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.vehicle.AxlePlace;

/** The demo vehicle with every mount shifted at random, one side unlike the other, against the reference. */
class ShiftedMountsTest {
    private static final double FARTHEST_MM = 30;
    private static final double TEST_RELATIVE = 1e-6;

    /** Shifts every measured mount; mirrored ones become mounts of their own so that the sides differ. */
    private static JsonNode shifted(AxlePlace place, Random random) throws IOException {
        JsonNode vehicle = new ObjectMapper().readTree(Examples.text("tarn-4.palanca.json"));
        ObjectNode mounts = (ObjectNode) vehicle.at("/axles/" + place.id() + "/mounts");
        ObjectNode result = mounts.objectNode();
        for (var entry : mounts.properties()) {
            ObjectNode mount = ((ObjectNode) entry.getValue()).deepCopy();
            if (mount.has("mirror_of")) {
                ObjectNode master =
                        (ObjectNode) mounts.path(mount.path("mirror_of").asText());
                mount = master.deepCopy();
                mount.put("side", master.path("side").asText().equals("left") ? "right" : "left");
            }
            String along = mount.has("ahead_mm") ? "ahead_mm" : "behind_mm";
            double moved = mount.path(along).asDouble() + shift(random);
            mount.remove(along);
            boolean flips = moved < 0;
            String other = along.equals("ahead_mm") ? "behind_mm" : "ahead_mm";
            mount.put(flips ? other : along, Math.abs(moved));
            mount.put("out_mm", Math.max(1, mount.path("out_mm").asDouble() + shift(random)));
            mount.put("up_mm", mount.path("up_mm").asDouble() + shift(random));
            result.set(entry.getKey(), mount);
        }
        mounts.setAll(result);
        return vehicle;
    }

    private static double shift(Random random) {
        return Math.rint((random.nextDouble() * 2 - 1) * FARTHEST_MM * 100) / 100;
    }

    @Drawn(25)
    void agreesWithTheReference(Draw draw) throws IOException, VehicleFileException {
        AxlePlace place = draw.oneOf(AxlePlace.values());
        Random random = draw.random();
        JsonNode tree = shifted(place, random);
        Path file = Files.createTempFile("shifted", VehicleFile.ENDING);
        Files.writeString(file, tree.toPrettyString());
        AxleModel model = new AxleModel(VehicleFile.open(file).vehicle(), place);
        Files.delete(file);
        double left = random.nextDouble() * 160 - 80;
        double right = random.nextDouble() * 160 - 80;
        assertThat(model.moveTo(left / 1000, right / 1000)).isTrue();
        ReferenceAxle reference = new ReferenceAxle(tree, place.id());
        same(model, "roll_centre_height", reference.rollCentreHeight(left, right), 1);
        double sign = place == AxlePlace.REAR ? -100 : 100;
        same(model, "roll_steer", sign * reference.steerPerRoll(left, right), 1);
        same(model, place == AxlePlace.REAR ? "anti_squat" : "anti_lift_drive", reference.antiDrive(left, right), 1);
        same(model, "pinion_angle", Math.toDegrees(Math.atan(reference.pinionSlope(left, right))), 1);
        same(model, "side_shift", reference.solve(left, right).centre().getY(), 1);
    }

    private static void same(AxleModel model, String id, double expected, double least) {
        Result result = model.result(id);
        double actual = result.quantity().toFile(model.outcome(result).number());
        assertThat(actual).as(id).isCloseTo(expected, within(TEST_RELATIVE * Math.max(least, Math.abs(expected))));
    }
}
