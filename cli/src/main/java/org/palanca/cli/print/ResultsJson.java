package org.palanca.cli.print;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Locale;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Words;
import org.palanca.mechanism.axle.AxleMotion;
import org.palanca.mechanism.solve.Solution;
import org.palanca.result.Result;
import org.palanca.result.catalogue.AxleModel;
import org.palanca.result.targets.Targets;
import org.palanca.vehicle.TargetBand;
import org.palanca.vehicle.Vehicle;

/** Results for scripts: full precision, the unit at the end of every key, with a format version. */
public final class ResultsJson {
    /** Goes up when a key changes its meaning or goes away. */
    public static final int VERSION = 1;

    private ResultsJson() {}

    /** The document for these axles at their present poses. */
    public static String text(Vehicle vehicle, List<AxleModel> models, Words words) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put("format", "palanca-results");
        root.put("version", VERSION);
        root.put("vehicle", vehicle.name());
        root.put("revision", vehicle.revision());
        ObjectNode axles = root.putObject("axles");
        for (AxleModel model : models) {
            axle(axles.putObject(model.axle().place().id()), model, words);
        }
        try {
            return new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT).writeValueAsString(root);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a tree of plain nodes can always be written", e);
        }
    }

    private static void axle(ObjectNode node, AxleModel model, Words words) {
        Solution solution = model.solution();
        node.put("closed", model.closed());
        if (solution instanceof Solution.Open) {
            node.put("why", words.text(model.whyOpen().orElseThrow()));
            return;
        }
        if (solution instanceof Solution.Closed closed) {
            convergence(node, closed.iterations(), closed.residual());
        } else if (solution instanceof Solution.Strained strained) {
            convergence(node, strained.iterations(), strained.residual());
            ArrayNode pushed = node.putArray("bushings");
            for (Solution.Strain strain : model.strains()) {
                pushed.addObject()
                        .put("member", strain.member())
                        .put("push_mm", Quantity.LENGTH.toFile(strain.off()))
                        .put("force_n", strain.force());
            }
        }
        model.whyUnsound().ifPresent(why -> node.put("unsound", words.text(why)));
        AxleMotion motion = model.motion();
        ObjectNode pose = node.putObject("axle_centre");
        point(pose, new Vector3D(motion.centreX(), motion.centreY(), motion.centreZ()));
        ObjectNode results = node.putObject("results");
        for (Result result : model.results()) {
            result(results, model, result, words);
        }
    }

    private static void convergence(ObjectNode node, int iterations, double residual) {
        node.put("iterations", iterations);
        node.put("residual_mm", Quantity.LENGTH.toFile(residual));
    }

    private static void result(ObjectNode results, AxleModel model, Result result, Words words) {
        Quantity quantity = result.quantity();
        ObjectNode node = results.putObject(result.id() + "_" + quantity.fileUnit());
        model.outcome(result)
                .visit(
                        value -> {
                            node.put("value", quantity.toFile(value.value()));
                            Targets.band(model.vehicle(), model.axle(), result)
                                    .ifPresent(band -> judged(node, band, quantity, value.value(), model));
                        },
                        far -> {
                            node.putNull("value");
                            node.put("at_infinity", true);
                            node.put("slope_ratio", far.slope());
                            node.put("ahead", far.signedDistance() > 0);
                        },
                        none -> {
                            node.putNull("value");
                            node.put("why", words.text(none.why()));
                        });
    }

    private static void judged(ObjectNode node, TargetBand band, Quantity quantity, double value, AxleModel model) {
        if (!Double.isInfinite(band.low())) {
            node.put("low", quantity.toFile(band.low()));
        }
        if (!Double.isInfinite(band.high())) {
            node.put("high", quantity.toFile(band.high()));
        }
        boolean judged = Targets.judges(band, model.asked());
        node.put("verdict", judged ? band.verdict(value).name().toLowerCase(Locale.ROOT) : "not_judged_here");
        node.put("basis", band.basis());
    }

    private static void point(ObjectNode node, Vector3D at) {
        node.put("x_mm", Quantity.LENGTH.toFile(at.getX()));
        node.put("y_mm", Quantity.LENGTH.toFile(at.getY()));
        node.put("z_mm", Quantity.LENGTH.toFile(at.getZ()));
    }
}
