package org.palanca.io.json;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.util.DefaultIndenter;
import com.fasterxml.jackson.core.util.DefaultPrettyPrinter;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.SortedMap;
import org.palanca.base.units.Quantity;
import org.palanca.vehicle.Axle;
import org.palanca.vehicle.AxlePlace;
import org.palanca.vehicle.Build;
import org.palanca.vehicle.FrameRails;
import org.palanca.vehicle.LinkHardware;
import org.palanca.vehicle.MassProperties;
import org.palanca.vehicle.RailSection;
import org.palanca.vehicle.RailStation;
import org.palanca.vehicle.RideState;
import org.palanca.vehicle.Rim;
import org.palanca.vehicle.Scheme;
import org.palanca.vehicle.SuspensionType;
import org.palanca.vehicle.TargetBand;
import org.palanca.vehicle.Traction;
import org.palanca.vehicle.Travel;
import org.palanca.vehicle.Tyre;
import org.palanca.vehicle.Upright;
import org.palanca.vehicle.Use;
import org.palanca.vehicle.Vehicle;
import org.palanca.vehicle.Wheels;
import org.palanca.vehicle.springing.Springing;

/** The whole vehicle as it stands in the file, in one fixed order, so that two versions compare line by line. */
final class VehicleForm {
    static final String FORMAT = "palanca-vehicle";
    static final int VERSION = 2;

    private static final ObjectMapper MAPPER = new ObjectMapper();
    private static final ObjectForm<Vehicle> VEHICLE = VehicleForm::vehicle;
    private static final Form<SortedMap<String, TargetBand>> TARGETS =
            Form.byName((ObjectForm<TargetBand>) VehicleForm::target);

    private VehicleForm() {}

    /** Reads a vehicle from a tree that the schema has let through. */
    static Vehicle read(JsonNode root, UnreadKeys unread) {
        return VEHICLE.read(new Found(root, "", unread));
    }

    static JsonNode tree(Vehicle vehicle) {
        return VEHICLE.write(vehicle);
    }

    static byte[] bytes(Vehicle vehicle) {
        DefaultPrettyPrinter printer = new DefaultPrettyPrinter();
        printer.indentObjectsWith(new DefaultIndenter("  ", "\n"));
        try {
            String text = MAPPER.writer(printer).writeValueAsString(tree(vehicle));
            return (text + "\n").getBytes(StandardCharsets.UTF_8);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a tree of plain nodes can always be written", e);
        }
    }

    private static Vehicle vehicle(Fields<Vehicle> fields) {
        fields.value("format", Form.TEXT, vehicle -> FORMAT);
        fields.value("version", Form.WHOLE, vehicle -> VERSION);
        return new Vehicle(
                fields.text("name", Vehicle::name),
                fields.optional("revision", Form.WHOLE, vehicle -> Optional.of(vehicle.revision()))
                        .orElse(1),
                fields.text("comments", Vehicle::comments),
                fields.constant("use", Use.class, Vehicle::use),
                fields.length("wheelbase_mm", Vehicle::wheelbase),
                fields.part("mass", VehicleForm::mass, Vehicle::mass),
                fields.partIfAny("hardware", VehicleForm::hardware, vehicle -> Optional.of(vehicle.hardware()))
                        .orElse(LinkHardware.COMMON),
                fields.partIfAny("frame_rails", VehicleForm::rails, Vehicle::rails),
                frontFirst(fields.named("axles", VehicleForm::axle, VehicleForm::name, Vehicle::axles)),
                fields.namedIfAny("schemes", VehicleForm::scheme, Scheme::name, Vehicle::schemes),
                fields.namedIfAny("states", VehicleForm::state, RideState::name, Vehicle::states),
                fields.part("build", BuildForm::build, Build.NONE, Vehicle::build),
                fields.value("targets", TARGETS, Vehicle::targets));
    }

    private static String name(Axle axle) {
        return axle.place().id();
    }

    private static List<Axle> frontFirst(List<Axle> axles) {
        List<Axle> inOrder = new ArrayList<>(axles);
        inOrder.sort(Comparator.comparing(Axle::place));
        return inOrder;
    }

    private static MassProperties mass(Fields<MassProperties> fields) {
        return new MassProperties(
                fields.number("total_kg", Quantity.MASS, MassProperties::mass),
                fields.length("centre_of_gravity_behind_front_axle_mm", MassProperties::centreBehindFront),
                fields.length("centre_of_gravity_height_mm", MassProperties::centreHeight));
    }

    private static LinkHardware hardware(Fields<LinkHardware> fields) {
        return new LinkHardware(
                fields.text("name", LinkHardware::name),
                fields.length("eye_to_shank_mm", LinkHardware::eyeToShank),
                fields.length("shank_mm", LinkHardware::shank),
                HardwareForm.thread(fields, LinkHardware::thread),
                fields.length("insert_thread_mm", LinkHardware::insertThread),
                fields.length("insert_shoulder_mm", LinkHardware::insertShoulder),
                fields.length("jam_nut_mm", LinkHardware::jamNut),
                fields.optional("exposed_mm", Quantity.LENGTH, LinkHardware::set),
                fields.length("tube_diameter_mm", LinkHardware::tubeDiameter),
                fields.length("tube_wall_mm", LinkHardware::tubeWall),
                fields.length("adjustment_mm", LinkHardware::adjustment),
                fields.partIfAny("plugs", HardwareForm::plugs, LinkHardware::plugs));
    }

    private static FrameRails rails(Fields<FrameRails> fields) {
        return new FrameRails(
                fields.length("ahead_of_front_axle_mm", FrameRails::front),
                fields.length("behind_rear_axle_mm", FrameRails::rear),
                fields.length("bottom_mm", FrameRails::bottom),
                fields.length("top_mm", FrameRails::top),
                fields.length("out_mm", FrameRails::out),
                fields.length("width_mm", FrameRails::width),
                fields.length("rear_drop_mm", 0, FrameRails::rearDrop),
                fields.partIfAny("section", VehicleForm::section, FrameRails::section),
                fields.partsIfAny("stations", VehicleForm::station, FrameRails::stations));
    }

    private static RailSection section(Fields<RailSection> fields) {
        return new RailSection(
                fields.constant("shape", RailSection.Shape.class, RailSection::shape),
                fields.length("wall_mm", RailSection::wall));
    }

    private static RailStation station(Fields<RailStation> fields) {
        return new RailStation(
                fields.length("ahead_mm", RailStation::ahead),
                fields.length("bottom_mm", RailStation::bottom),
                fields.length("out_mm", RailStation::out));
    }

    private static RideState state(Fields<RideState> fields) {
        return new RideState(
                fields.name(),
                fields.text("note", RideState::note),
                fields.part("front", VehicleForm::standing, RideState.Standing.PLAN, RideState::front),
                fields.part("rear", VehicleForm::standing, RideState.Standing.PLAN, RideState::rear));
    }

    private static RideState.Standing standing(Fields<RideState.Standing> fields) {
        return new RideState.Standing(
                fields.length("lower_mm", 0, RideState.Standing::lower),
                fields.partIfAny("tyre", VehicleForm::tyre, RideState.Standing::tyre));
    }

    private static Scheme scheme(Fields<Scheme> fields) {
        return new Scheme(
                fields.name(),
                fields.text("note", Scheme::note),
                frontFirst(fields.named("axles", VehicleForm::axle, VehicleForm::name, Scheme::axles)));
    }

    private static Axle axle(Fields<Axle> fields) {
        AxlePlace place = AxlePlace.valueOf(fields.name().toUpperCase(Locale.ROOT));
        Optional<SuspensionType> type =
                fields.optional("type", Form.constant(SuspensionType.class), axle -> Optional.of(axle.type()));
        Wheels wheels = fields.inline(VehicleForm::wheels, Axle::wheels);
        double pinion = fields.angle("pinion_deg", Axle::pinion);
        OptionalDouble caster = fields.optional("caster_deg", Quantity.ANGLE, Axle::caster);
        return new Axle(
                place,
                wheels,
                fields.part("travel", VehicleForm::travel, Axle::travel),
                fields.inline(VehicleForm::traction, Axle::traction),
                pinion,
                caster,
                fields.inline(LinkageForm.of(type), Axle::linkage),
                fields.part("springing", SpringingForm::springing, Springing.NONE, Axle::springing));
    }

    private static Wheels wheels(Fields<Wheels> fields) {
        Tyre tyre = fields.part("tyre", VehicleForm::tyre, Wheels::tyre);
        Optional<Rim> rim = fields.partIfAny("rim", VehicleForm::rim, Wheels::rim);
        return new Wheels(
                tyre,
                fields.length("track_mm", Wheels::track),
                fields.angle("camber_deg", 0, Wheels::camber),
                fields.angle("toe_deg", 0, Wheels::toe),
                rim,
                fields.partIfAny("upright", VehicleForm::upright, Wheels::upright));
    }

    private static Tyre tyre(Fields<Tyre> fields) {
        return new Tyre(
                fields.length("diameter_mm", Tyre::diameter),
                fields.length("loaded_radius_mm", Tyre::loadedRadius),
                fields.length("width_mm", Tyre::width));
    }

    private static Rim rim(Fields<Rim> fields) {
        return new Rim(
                fields.length("diameter_mm", Rim::diameter),
                fields.length("width_mm", Rim::width),
                fields.length("backspacing_mm", Rim::backspacing));
    }

    private static Upright upright(Fields<Upright> fields) {
        return new Upright(
                fields.length("thickness_mm", Upright::thickness),
                fields.length("hub_diameter_mm", Upright::hubDiameter),
                fields.length("hub_width_mm", Upright::hubWidth),
                fields.length("brake_diameter_mm", 0, Upright::brakeDiameter),
                fields.length("brake_width_mm", 0, Upright::brakeWidth));
    }

    private static Travel travel(Fields<Travel> fields) {
        return new Travel(fields.length("bump_mm", Travel::bump), fields.length("droop_mm", Travel::droop));
    }

    private static Traction traction(Fields<Traction> fields) {
        return new Traction(
                fields.number("drive_share", Quantity.RATIO, Traction::drive),
                fields.number("brake_share", Quantity.RATIO, Traction::brake),
                fields.flag("inboard_drive", false, Traction::inboardDrive),
                fields.flag("inboard_brakes", false, Traction::inboardBrakes));
    }

    /** A target range, in its result's own unit. */
    private static TargetBand target(Fields<TargetBand> fields) {
        Quantity quantity = TargetKeys.kind(fields.name())
                .orElseThrow(() -> new IllegalArgumentException("no result is called \"" + fields.name() + "\""))
                .quantity();
        OptionalDouble low = fields.optional("low", quantity, band -> finite(band.low()));
        OptionalDouble high = fields.optional("high", quantity, band -> finite(band.high()));
        fields.text("unit", band -> quantity.fileUnit());
        return new TargetBand(
                low.orElse(Double.NEGATIVE_INFINITY),
                high.orElse(Double.POSITIVE_INFINITY),
                fields.constant("scope", TargetBand.Scope.class, TargetBand::scope),
                fields.text("basis", TargetBand::basis));
    }

    private static OptionalDouble finite(double bound) {
        return Double.isInfinite(bound) ? OptionalDouble.empty() : OptionalDouble.of(bound);
    }

    /** Whether a thing is described in a form: by all its keys, since one of another form may be left over beside them. */
    static boolean hasAll(JsonNode node, String... keys) {
        return Arrays.stream(keys).allMatch(node::has);
    }
}
