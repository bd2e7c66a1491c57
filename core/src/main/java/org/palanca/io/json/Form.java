package org.palanca.io.json;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.function.Function;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.palanca.base.units.Quantity;
import org.palanca.vehicle.BodyName;

/**
 * How a value stands in the file: read from it and written to it by one declaration. What is read has been held against the
 * schema before; what is missing reads as nothing: 0, an empty text, an empty list.
 *
 * @param <V> the value
 */
interface Form<V> {
    Form<String> TEXT = of(JsonNode::asText, JsonNodeFactory.instance::textNode);
    Form<Boolean> FLAG = of(JsonNode::asBoolean, JsonNodeFactory.instance::booleanNode);
    Form<Integer> WHOLE = of(JsonNode::asInt, JsonNodeFactory.instance::numberNode);
    Form<BodyName> BODY = of(node -> BodyName.of(node.asText()), body -> JsonNodeFactory.instance.textNode(body.id()));
    /** Takes 29 February of any year, which the schema can't refuse, as the month's last day. */
    Form<LocalDate> DATE = of(
            node -> LocalDate.parse(node.asText(), DateTimeFormatter.ofPattern("uuuu-MM-dd")),
            date -> JsonNodeFactory.instance.textNode(date.toString()));

    Form<Double> LENGTH = in(Quantity.LENGTH);
    Form<Double> ANGLE = in(Quantity.ANGLE);

    /** A place as three numbers. */
    Form<Vector3D> PLACE = of(node -> place(node, 0), place -> numbers(List.of(place), Vector3D::toArray));

    /** Places as one flat list of numbers, three each. */
    Form<List<Vector3D>> PLACES = of(
            node -> {
                List<Vector3D> places = new ArrayList<>();
                for (int i = 0; i + 2 < node.size(); i += 3) {
                    places.add(place(node, i));
                }
                return places;
            },
            places -> numbers(places, Vector3D::toArray));

    V read(Found found);

    JsonNode write(V value);

    /** Reads a thing that is filed under its name. */
    default V named(String name, Found found) {
        return read(found);
    }

    /** Writes a thing that is filed under its name. */
    default JsonNode named(String name, V value) {
        return write(value);
    }

    /** A form of a value that has no parts with places of their own. */
    static <V> Form<V> of(Function<JsonNode, V> read, Function<V, JsonNode> write) {
        return new Form<>() {
            @Override
            public V read(Found found) {
                return read.apply(found.node());
            }

            @Override
            public JsonNode write(V value) {
                return write.apply(value);
            }
        };
    }

    /** A number in the unit that files have for its quantity. */
    static Form<Double> in(Quantity quantity) {
        return of(node -> quantity.fromFile(node.asDouble()), value -> number(quantity.toFile(value)));
    }

    /** One of an enum's constants, in small letters. */
    static <E extends Enum<E>> Form<E> constant(Class<E> type) {
        return of(
                node -> Enum.valueOf(type, node.asText().toUpperCase(Locale.ROOT)),
                value -> JsonNodeFactory.instance.textNode(value.name().toLowerCase(Locale.ROOT)));
    }

    /** Several in a list. */
    static <V> Form<List<V>> list(Form<V> one) {
        return new Form<>() {
            @Override
            public List<V> read(Found found) {
                List<V> all = new ArrayList<>();
                for (int i = 0; i < found.node().size(); i++) {
                    all.add(one.read(found.at(i)));
                }
                return all;
            }

            @Override
            public JsonNode write(List<V> values) {
                ArrayNode array = JsonNodeFactory.instance.arrayNode();
                values.forEach(value -> array.add(one.write(value)));
                return array;
            }
        };
    }

    /** Several in a list, each once, in their own order. */
    static <V extends Comparable<V>> Form<Set<V>> sorted(Form<V> one) {
        Form<List<V>> list = list(one);
        return new Form<>() {
            @Override
            public Set<V> read(Found found) {
                return new TreeSet<>(list.read(found));
            }

            @Override
            public JsonNode write(Set<V> values) {
                return list.write(List.copyOf(new TreeSet<>(values)));
            }
        };
    }

    /** Several filed by their names, in the order of the file. */
    static <V> Form<List<V>> named(Form<V> one, Function<V, String> name) {
        return new Form<>() {
            @Override
            public List<V> read(Found found) {
                List<V> all = new ArrayList<>();
                found.node().fieldNames().forEachRemaining(key -> all.add(one.named(key, found.at(key))));
                return all;
            }

            @Override
            public JsonNode write(List<V> values) {
                ObjectNode group = JsonNodeFactory.instance.objectNode();
                values.forEach(value -> group.set(name.apply(value), one.named(name.apply(value), value)));
                return group;
            }
        };
    }

    /** Values filed by names, in the order of the alphabet. */
    static <V> Form<SortedMap<String, V>> byName(Form<V> one) {
        return new Form<>() {
            @Override
            public SortedMap<String, V> read(Found found) {
                SortedMap<String, V> all = new TreeMap<>();
                found.node().fieldNames().forEachRemaining(key -> all.put(key, one.named(key, found.at(key))));
                return all;
            }

            @Override
            public JsonNode write(SortedMap<String, V> values) {
                ObjectNode group = JsonNodeFactory.instance.objectNode();
                values.forEach((name, value) -> group.set(name, one.named(name, value)));
                return group;
            }
        };
    }

    /** Values filed by one of an enum's constants each, in their order. */
    static <K extends Enum<K>, V> Form<Map<K, V>> byConstant(Class<K> type, Function<K, String> id, Form<V> one) {
        return new Form<>() {
            @Override
            public Map<K, V> read(Found found) {
                Map<K, V> all = new EnumMap<>(type);
                for (K key : type.getEnumConstants()) {
                    if (found.node().has(id.apply(key))) {
                        all.put(key, one.read(found.at(id.apply(key))));
                    }
                }
                return all;
            }

            @Override
            public JsonNode write(Map<K, V> values) {
                ObjectNode group = JsonNodeFactory.instance.objectNode();
                values.forEach((key, value) -> group.set(id.apply(key), one.write(value)));
                return group;
            }
        };
    }

    private static Vector3D place(JsonNode flat, int from) {
        return new Vector3D(
                Quantity.LENGTH.fromFile(flat.path(from).asDouble()),
                Quantity.LENGTH.fromFile(flat.path(from + 1).asDouble()),
                Quantity.LENGTH.fromFile(flat.path(from + 2).asDouble()));
    }

    /** Lengths of several values in one flat list. */
    static <V> ArrayNode numbers(List<V> values, Function<V, double[]> metres) {
        ArrayNode flat = JsonNodeFactory.instance.arrayNode();
        for (V value : values) {
            for (double one : metres.apply(value)) {
                flat.add(number(Quantity.LENGTH.toFile(one)));
            }
        }
        return flat;
    }

    /** A number in its shortest form on the grid of files: six decimals, far below what a tape can tell. */
    static JsonNode number(double value) {
        BigDecimal rounded =
                BigDecimal.valueOf(value).setScale(6, RoundingMode.HALF_EVEN).stripTrailingZeros();
        BigDecimal plain = rounded.scale() < 0 ? rounded.setScale(0) : rounded;
        if (plain.scale() == 0 && plain.precision() < 18) {
            return JsonNodeFactory.instance.numberNode(plain.longValueExact());
        }
        return JsonNodeFactory.instance.numberNode(plain.doubleValue());
    }
}
