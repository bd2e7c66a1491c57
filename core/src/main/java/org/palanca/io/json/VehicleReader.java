package org.palanca.io.json;

import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonLocation;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.io.JsonEOFException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.palanca.base.words.Message;
import org.palanca.io.SafeFile;
import org.palanca.result.ResultKind;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.check.Finding;
import org.palanca.vehicle.check.VehicleCheck;

/** Reads vehicles. A file is taken whole or refused with every problem named; nothing in it is dropped in silence. */
final class VehicleReader {
    private static final ObjectMapper MAPPER = new ObjectMapper();

    /** How far a thread stands out of its insert, and what that was called at first. */
    private static final String EXPOSED = "exposed_mm";

    private static final String EARLIER_EXPOSED = "set_bare_mm";

    private VehicleReader() {}

    static VehicleFile.Opened read(Path file, byte[] bytes) throws VehicleFileException {
        JsonPlaces places;
        JsonNode root;
        try {
            places = JsonPlaces.of(bytes, new JsonFactory());
            root = MAPPER.readTree(bytes);
        } catch (JsonEOFException e) {
            throw refused(file, "file.truncated", e.getLocation(), e);
        } catch (JsonProcessingException e) {
            // Between two entries the parser tells the end of the file by its words alone.
            boolean ended = e.getOriginalMessage().startsWith("Unexpected end-of-input");
            throw refused(file, ended ? "file.truncated" : "file.not_json", e.getLocation(), e);
        } catch (IOException e) {
            throw new VehicleFileException(
                    file, Message.of("file.not_json", file, "1", "1", String.valueOf(e.getMessage())), List.of(), e);
        }
        if (root == null || root.isMissingNode()) {
            throw new VehicleFileException(file, Message.of("file.empty", file, backup(file)), List.of(), null);
        }
        if (!root.isObject() || !root.path("format").asText().equals(VehicleForm.FORMAT)) {
            throw new VehicleFileException(
                    file, Message.of("file.other_format", file, VehicleForm.FORMAT), List.of(), null);
        }
        takeEarlierKeys(root);
        return checked(file, root, places);
    }

    /** What earlier programs wrote under another key comes under today's, so that their files open as they were. */
    private static void takeEarlierKeys(JsonNode node) {
        if (node instanceof ObjectNode object && object.path(EARLIER_EXPOSED).isNumber() && !object.has(EXPOSED)) {
            object.set(EXPOSED, object.remove(EARLIER_EXPOSED));
        }
        node.forEach(VehicleReader::takeEarlierKeys);
    }

    private static VehicleFile.Opened checked(Path file, JsonNode root, JsonPlaces places) throws VehicleFileException {
        boolean newer = root.path("version").asInt() > VehicleForm.VERSION;
        List<Finding> findings = new ArrayList<>();
        for (JsonPlaces.Duplicate twice : places.duplicates()) {
            String name = twice.pointer().substring(twice.pointer().lastIndexOf('/') + 1);
            boolean mount = twice.pointer().contains("/mounts/");
            findings.add(Finding.error(
                            twice.pointer(),
                            Message.of(
                                    mount ? "file.mount_twice" : "file.key_twice",
                                    name,
                                    Integer.toString(twice.firstLine())))
                    .onLine(twice.line()));
        }
        findings.addAll(SchemaCheck.findings(root, places, newer));
        findings.addAll(targets(root.path("targets"), places));
        if (!findings.isEmpty()) {
            throw problems(file, newer, findings);
        }
        UnreadKeys unread = new UnreadKeys(places);
        Vehicle vehicle = VehicleForm.read(root, unread);
        for (Finding finding : VehicleCheck.findings(vehicle)) {
            findings.add(finding.onLine(places.line(finding.place())));
        }
        if (VehicleCheck.hasErrors(findings)) {
            throw problems(file, newer, findings);
        }
        if (!newer) {
            findings.addAll(unread.findings());
        }
        return new VehicleFile.Opened(vehicle, newer, findings);
    }

    /** Bands are filed by axle and result: each must name one there is, in that result's own unit. */
    private static List<Finding> targets(JsonNode node, JsonPlaces places) {
        List<Finding> findings = new ArrayList<>();
        for (Map.Entry<String, JsonNode> entry : node.properties()) {
            String key = entry.getKey();
            String place = "/targets/" + key;
            String unit = entry.getValue().path("unit").asText();
            Optional<ResultKind> kind = TargetKeys.kind(key);
            Optional<Message> fault = kind.isEmpty()
                    ? Optional.of(Message.of("file.target_unknown", key, TargetKeys.nearest(key)))
                    : kind.get().quantity().fileUnit().equals(unit)
                            ? Optional.empty()
                            : Optional.of(Message.of(
                                    "file.target_unit",
                                    key,
                                    kind.get().quantity().fileUnit(),
                                    unit));
            fault.ifPresent(
                    message -> findings.add(Finding.error(place, message).onLine(places.line(place))));
        }
        return findings;
    }

    private static VehicleFileException problems(Path file, boolean newer, List<Finding> findings) {
        Message summary = newer
                ? Message.of("file.newer_unreadable", file)
                : Message.of("file.problems", file, Integer.toString(findings.size()));
        List<Finding> inOrder = new ArrayList<>(findings);
        inOrder.sort(Comparator.comparingInt(Finding::line));
        return new VehicleFileException(file, summary, inOrder, null);
    }

    private static VehicleFileException refused(Path file, String key, JsonLocation at, JsonProcessingException cause) {
        // What is nested too deeply is refused without a place.
        JsonLocation where = at == null ? JsonLocation.NA : at;
        Message message = Message.of(
                key,
                file,
                Integer.toString(Math.max(1, where.getLineNr())),
                Integer.toString(Math.max(1, where.getColumnNr())),
                cause.getOriginalMessage(),
                backup(file));
        return new VehicleFileException(file, message, List.of(), cause);
    }

    /** Whether there is a copy to go back to. */
    private static Message backup(Path file) {
        Path copy = file.resolveSibling(file.getFileName() + SafeFile.BACKUP_ENDING);
        return Files.exists(copy)
                ? Message.of("file.backup", copy.getFileName().toString())
                : Message.of("file.no_backup");
    }
}
