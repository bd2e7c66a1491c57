package org.palanca.vehicle;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.palanca.vehicle.hardware.Stock;
import org.palanca.vehicle.housing.Housing;
import org.palanca.vehicle.housing.HousingSize;
import org.palanca.vehicle.survey.Survey;
import org.palanca.vehicle.work.IssuedPlate;
import org.palanca.vehicle.work.Purchase;
import org.palanca.vehicle.work.StepEntry;

/**
 * What is known and done on the floor, from the first tape to the tacked mount. Immutable.
 *
 * @param survey what was measured
 * @param surroundings what each axle has to fit into
 * @param housings what is known of each axle's housing
 * @param found mounts measured after tacking
 * @param log steps that were done
 * @param notes what was written down, one a subject, the first written first
 * @param rules how much room must stay
 * @param placing how far off a tacked mount may come
 * @param weights what the wheels of each axle carry, where they were weighed
 * @param stock what tube and bar there is to saw from
 * @param loads what the links are asked to bear
 * @param issued plates whose drawings went out to be cut, the first first
 * @param purchases what is known of what is bought
 */
public record Build(
        Survey survey,
        Map<AxlePlace, Surroundings> surroundings,
        Map<AxlePlace, Housing> housings,
        List<MountReadings> found,
        List<StepEntry> log,
        List<Note> notes,
        ClearanceRules rules,
        PlacingLimits placing,
        Map<AxlePlace, Weights> weights,
        Stock stock,
        LoadFactors loads,
        List<IssuedPlate> issued,
        List<Purchase> purchases) {
    /** Nothing measured, nothing done. */
    public static final Build NONE = new Build(
            Survey.NONE,
            Map.of(),
            Map.of(),
            List.of(),
            List.of(),
            List.of(),
            ClearanceRules.COMMON,
            PlacingLimits.COMMON,
            Map.of(),
            Stock.COMMON,
            LoadFactors.COMMON,
            List.of(),
            List.of());

    public Build {
        surroundings = copy(surroundings);
        housings = copy(housings);
        weights = copy(weights);
        found = List.copyOf(found);
        log = List.copyOf(log);
        notes = List.copyOf(notes);
        issued = List.copyOf(issued);
        purchases = List.copyOf(purchases);
    }

    private static <T> Map<AxlePlace, T> copy(Map<AxlePlace, T> map) {
        EnumMap<AxlePlace, T> copy = new EnumMap<>(AxlePlace.class);
        copy.putAll(map);
        return Collections.unmodifiableMap(copy);
    }

    public Surroundings surroundings(AxlePlace place) {
        return surroundings.getOrDefault(place, Surroundings.NONE);
    }

    /** The housing of an axle; one of which nothing is known where there is none. */
    public Housing housing(AxlePlace place) {
        return housings.getOrDefault(place, Housing.empty());
    }

    public Optional<MountReadings> found(MountRef mount) {
        return found.stream().filter(one -> one.mount().equals(mount)).findFirst();
    }

    public Build withSurvey(Survey other) {
        return new Build(
                other,
                surroundings,
                housings,
                found,
                log,
                notes,
                rules,
                placing,
                weights,
                stock,
                loads,
                issued,
                purchases);
    }

    public Build withStock(Stock other) {
        return new Build(
                survey,
                surroundings,
                housings,
                found,
                log,
                notes,
                rules,
                placing,
                weights,
                other,
                loads,
                issued,
                purchases);
    }

    public Build withLoads(LoadFactors other) {
        return new Build(
                survey,
                surroundings,
                housings,
                found,
                log,
                notes,
                rules,
                placing,
                weights,
                stock,
                other,
                issued,
                purchases);
    }

    /** With drawings that went out, after those that did before. */
    public Build withIssued(List<IssuedPlate> more) {
        List<IssuedPlate> next = new ArrayList<>(issued);
        next.addAll(more);
        return new Build(
                survey,
                surroundings,
                housings,
                found,
                log,
                notes,
                rules,
                placing,
                weights,
                stock,
                loads,
                next,
                purchases);
    }

    public Build withPurchases(List<Purchase> other) {
        return new Build(
                survey,
                surroundings,
                housings,
                found,
                log,
                notes,
                rules,
                placing,
                weights,
                stock,
                loads,
                issued,
                other);
    }

    /** Names of the marks at the ends of the axles, which go with these and not with the frame. */
    public Set<String> axleEnds() {
        Set<String> names = new HashSet<>();
        surroundings.values().forEach(around -> names.addAll(List.of(around.leftEnd(), around.rightEnd())));
        return names;
    }

    /** Without what was measured, ticked and written down on the floor. */
    public Build withoutFloor() {
        return new Build(
                Survey.NONE,
                surroundings,
                housings,
                List.of(),
                List.of(),
                List.of(),
                rules,
                placing,
                weights,
                stock,
                loads,
                List.of(),
                List.of());
    }

    /**
     * Where the pinion is, to the left of the middle [m]: as the housing says, else as the shaft does, else in the middle. Both
     * say the same: what is changed in one is changed in the other.
     */
    public double pinionOffset(AxlePlace place) {
        Double known = housing(place).sizes().get(HousingSize.PINION_OFFSET);
        return known != null
                ? known
                : surroundings(place).driveline().map(Driveline::offset).orElse(0.0);
    }

    public Build with(AxlePlace place, Surroundings other) {
        Build next = put(place, other);
        Housing housing = housing(place);
        boolean known = housing.sizes().containsKey(HousingSize.PINION_OFFSET);
        return known && other.driveline().isPresent()
                ? next.put(
                        place,
                        housing.with(
                                HousingSize.PINION_OFFSET,
                                OptionalDouble.of(other.driveline().get().offset())))
                : next;
    }

    public Build with(AxlePlace place, Housing other) {
        Build next = put(place, other);
        Double offset = other.sizes().get(HousingSize.PINION_OFFSET);
        Surroundings around = surroundings(place);
        return offset != null && around.driveline().isPresent()
                ? next.put(place, around.withDriveline(around.driveline().get().withOffset(offset)))
                : next;
    }

    private Build put(AxlePlace place, Surroundings other) {
        EnumMap<AxlePlace, Surroundings> next = new EnumMap<>(AxlePlace.class);
        next.putAll(surroundings);
        // Of which nothing is known, it is as if it were not there: so it comes back from a file.
        if (other.equals(Surroundings.NONE)) {
            next.remove(place);
        } else {
            next.put(place, other);
        }
        return new Build(
                survey, next, housings, found, log, notes, rules, placing, weights, stock, loads, issued, purchases);
    }

    private Build put(AxlePlace place, Housing other) {
        EnumMap<AxlePlace, Housing> next = new EnumMap<>(AxlePlace.class);
        next.putAll(housings);
        if (other.equals(Housing.empty())) {
            next.remove(place);
        } else {
            next.put(place, other);
        }
        return new Build(
                survey,
                surroundings,
                next,
                found,
                log,
                notes,
                rules,
                placing,
                weights,
                stock,
                loads,
                issued,
                purchases);
    }

    /** With a mount as found, in the place of what was found of it before. */
    public Build with(MountReadings other) {
        List<MountReadings> next = new ArrayList<>(found);
        next.removeIf(old -> old.mount().equals(other.mount()));
        if (!other.readings().isEmpty()) {
            next.add(other);
        }
        return new Build(
                survey,
                surroundings,
                housings,
                next,
                log,
                notes,
                rules,
                placing,
                weights,
                stock,
                loads,
                issued,
                purchases);
    }

    public Build withLog(List<StepEntry> other) {
        return new Build(
                survey,
                surroundings,
                housings,
                found,
                other,
                notes,
                rules,
                placing,
                weights,
                stock,
                loads,
                issued,
                purchases);
    }

    public Build withRules(ClearanceRules other) {
        return new Build(
                survey,
                surroundings,
                housings,
                found,
                log,
                notes,
                other,
                placing,
                weights,
                stock,
                loads,
                issued,
                purchases);
    }

    public Build withPlacing(PlacingLimits other) {
        return new Build(
                survey,
                surroundings,
                housings,
                found,
                log,
                notes,
                rules,
                other,
                weights,
                stock,
                loads,
                issued,
                purchases);
    }

    public Build with(AxlePlace place, Weights other) {
        EnumMap<AxlePlace, Weights> next = new EnumMap<>(AxlePlace.class);
        next.putAll(weights);
        next.put(place, other);
        return new Build(
                survey,
                surroundings,
                housings,
                found,
                log,
                notes,
                rules,
                placing,
                next,
                stock,
                loads,
                issued,
                purchases);
    }

    /** What was written about something; blank where nothing was. */
    public Note note(Note.Subject about) {
        return notes.stream()
                .filter(note -> note.about().equals(about))
                .findFirst()
                .orElse(Note.blank(about));
    }

    /** With a note in the place of the one about the same thing; a blank one takes that away. */
    public Build with(Note note) {
        List<Note> next = new ArrayList<>(notes);
        if (note.isBlank()) {
            next.removeIf(one -> one.about().equals(note.about()));
        } else if (note(note.about()).isBlank()) {
            next.add(note);
        } else {
            next.replaceAll(one -> one.about().equals(note.about()) ? note : one);
        }
        return new Build(
                survey,
                surroundings,
                housings,
                found,
                log,
                next,
                rules,
                placing,
                weights,
                stock,
                loads,
                issued,
                purchases);
    }
}
