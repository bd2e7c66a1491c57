package org.palanca.cli.print;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.Locale;
import org.palanca.base.units.Quantity;
import org.palanca.base.words.Message;
import org.palanca.base.words.Verdict;
import org.palanca.base.words.Words;
import org.palanca.mechanism.axle.WheelTravel;
import org.palanca.study.assessment.Assessment;
import org.palanca.study.assessment.Fault;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Vehicle;

/**
 * What a command finds, for programs: full precision, the unit at the end of every key, a format version, and every sentence with
 * its code and the numbers it is made of.
 */
public final class ReportJson {
    /** Goes up when a key changes its meaning or goes away. */
    public static final int VERSION = 1;

    private final Words words;
    private final ObjectNode root = JsonNodeFactory.instance.objectNode();

    /**
     * A report without anything in it.
     *
     * @param command that finds it
     */
    public ReportJson(String command, Vehicle vehicle, Words words) {
        this.words = words;
        root.put("format", "palanca-report");
        root.put("version", VERSION);
        root.put("command", command);
        root.put("vehicle", vehicle.name());
        root.put("revision", vehicle.revision());
    }

    /** Where to put what is of the whole vehicle. */
    public ObjectNode root() {
        return root;
    }

    /** Where to put what is of one axle. */
    public ObjectNode axle(AxlePlace place) {
        ObjectNode axles = root.withObjectProperty("axles");
        return axles.withObjectProperty(place.id());
    }

    /** A length in millimetres. */
    public static double millimetres(double metres) {
        return Quantity.LENGTH.toFile(metres);
    }

    /** A number under a name that ends in its unit; null where it is not finite. */
    public static void put(ObjectNode node, String name, double value, Quantity quantity) {
        String key = name + "_" + quantity.fileUnit();
        if (Double.isFinite(value)) {
            node.put(key, quantity.toFile(value));
        } else {
            node.putNull(key);
        }
    }

    /** A pose by the travel of both wheels and the part of the lock. */
    public static void pose(ObjectNode node, WheelTravel pose) {
        node.put("left_mm", millimetres(pose.left()));
        node.put("right_mm", millimetres(pose.right()));
        node.put("steer", pose.steer());
    }

    /** A sentence: its code, its words, and what it is made of. */
    public void message(ObjectNode node, Message message) {
        node.put("code", message.key());
        node.put("said", words.text(message));
        ArrayNode values = node.putArray("values");
        for (Object argument : message.arguments()) {
            if (argument instanceof Message inner) {
                message(values.addObject(), inner);
            } else if (argument instanceof Message.Measure measure) {
                put(values.addObject(), "value", measure.value(), measure.quantity());
            } else if (argument instanceof Message.Judged judged) {
                ObjectNode value = values.addObject();
                put(value, "value", judged.value(), judged.quantity());
                put(value, "against", judged.against(), judged.quantity());
            } else if (argument instanceof Message.Fine fine) {
                put(values.addObject(), "value", fine.metres(), Quantity.LENGTH);
            } else {
                values.add(argument.toString());
            }
        }
    }

    /** Verdicts in a list of this name. */
    public void said(ObjectNode node, String name, List<Verdict> all) {
        ArrayNode verdicts = node.putArray(name);
        for (Verdict one : all) {
            ObjectNode verdict = verdicts.addObject();
            verdict.put("good", one.good());
            verdict.put("about", one.about());
            verdict.put("lacks", one.lacks());
            message(verdict, one.message());
        }
    }

    /** Sentences in a list of this name. */
    public void messages(ObjectNode node, String name, List<Message> all) {
        ArrayNode said = node.putArray(name);
        all.forEach(one -> message(said.addObject(), one));
    }

    /** Faults in a list of this name. */
    public void faults(ObjectNode node, String name, List<Fault> all) {
        ArrayNode faults = node.putArray(name);
        for (Fault one : all) {
            ObjectNode fault = faults.addObject();
            fault.put("step", Assessment.id(one.step()));
            one.axle().ifPresent(place -> fault.put("axle", place.id()));
            fault.put("id", one.id());
            fault.put("amount", one.amount());
            message(fault, one.said());
        }
    }

    /** A constant as it is written in files. */
    public static String id(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT);
    }

    /** The whole document. */
    public String text() {
        try {
            return new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT).writeValueAsString(root);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a tree of plain nodes can always be written", e);
        }
    }
}
