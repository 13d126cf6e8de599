package app.drachen.core.setup;

import app.drachen.core.harness.Board;
import app.drachen.core.harness.BoardCare;
import app.drachen.core.harness.BoardRail;
import app.drachen.core.harness.Device;
import app.drachen.core.harness.Lead;
import app.drachen.core.harness.PackJoin;
import app.drachen.core.harness.Place;
import app.drachen.core.harness.Radio;
import app.drachen.core.harness.Settings;
import app.drachen.core.units.Ranges;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * What stage Harness is about.
 *
 * @param mount how the board sits
 * @param care what is known and seen to of the board
 * @param board what the board offers
 * @param devices what is plugged in, at most 80
 * @param leads one for each device that has one, at most 80
 * @param radios senders and receivers with their aerials, at most 24
 * @param packs how packs are joined
 * @param settings a copy of the values in the board, if one was read
 * @param installed steps of the install list that are done, each once
 */
public record HarnessSection(
        BoardMount mount,
        BoardCare care,
        Board board,
        List<Device> devices,
        List<Lead> leads,
        List<Radio> radios,
        PackJoin packs,
        Optional<Settings> settings,
        List<String> installed) {
    /** Nothing entered. */
    public static final HarnessSection EMPTY = new HarnessSection(
            BoardMount.FORWARD,
            BoardCare.NOT_YET,
            Board.NONE,
            List.of(),
            List.of(),
            List.of(),
            PackJoin.SINGLE,
            Optional.empty(),
            List.of());

    public HarnessSection {
        devices = List.copyOf(devices);
        leads = List.copyOf(leads);
        radios = List.copyOf(radios);
        installed = List.copyOf(installed).stream().distinct().sorted().toList();
        Ranges.require("number of devices", devices.size(), 0, 80, "-");
        Ranges.require("number of leads", leads.size(), 0, 80, "-");
        Ranges.require("number of radios", radios.size(), 0, 24, "-");
        if (devices.stream().map(Device::name).distinct().count() != devices.size()) {
            throw new IllegalArgumentException("two devices have the same name; give each its own");
        }
        if (leads.stream().map(Lead::device).distinct().count() != leads.size()) {
            throw new IllegalArgumentException("two leads go to one device; keep one");
        }
        if (radios.stream().map(Radio::device).distinct().count() != radios.size()) {
            throw new IllegalArgumentException("two radios belong to one device; keep one");
        }
    }

    public Optional<Device> device(String name) {
        return devices.stream().filter(d -> d.name().equals(name)).findFirst();
    }

    public Optional<Lead> lead(String device) {
        return leads.stream().filter(l -> l.device().equals(device)).findFirst();
    }

    public Optional<Radio> radio(String device) {
        return radios.stream().filter(r -> r.device().equals(device)).findFirst();
    }

    public HarnessSection withMount(BoardMount to) {
        return new HarnessSection(to, care, board, devices, leads, radios, packs, settings, installed);
    }

    public HarnessSection withCare(BoardCare to) {
        return new HarnessSection(mount, to, board, devices, leads, radios, packs, settings, installed);
    }

    public HarnessSection withBoard(Board to) {
        return new HarnessSection(mount, care, to, devices, leads, radios, packs, settings, installed);
    }

    public HarnessSection withDevices(List<Device> to) {
        return new HarnessSection(mount, care, board, to, leads, radios, packs, settings, installed);
    }

    public HarnessSection withLeads(List<Lead> to) {
        return new HarnessSection(mount, care, board, devices, to, radios, packs, settings, installed);
    }

    public HarnessSection withRadios(List<Radio> to) {
        return new HarnessSection(mount, care, board, devices, leads, to, packs, settings, installed);
    }

    public HarnessSection withPacks(PackJoin to) {
        return new HarnessSection(mount, care, board, devices, leads, radios, to, settings, installed);
    }

    public HarnessSection withSettings(Optional<Settings> to) {
        return new HarnessSection(mount, care, board, devices, leads, radios, packs, to, installed);
    }

    public HarnessSection withInstalled(List<String> to) {
        return new HarnessSection(mount, care, board, devices, leads, radios, packs, settings, to);
    }

    /** The same with one device changed. */
    public HarnessSection withDevice(String name, UnaryOperator<Device> change) {
        List<Device> changed = new ArrayList<>();
        devices.forEach(d -> changed.add(d.name().equals(name) ? change.apply(d) : d));
        return withDevices(changed);
    }

    /** The same with the lead of a device changed. */
    public HarnessSection withLead(String device, UnaryOperator<Lead> change) {
        List<Lead> changed = new ArrayList<>();
        leads.forEach(l -> changed.add(l.device().equals(device) ? change.apply(l) : l));
        return withLeads(changed);
    }

    /** The same with the radio of a device changed. */
    public HarnessSection withRadio(String device, UnaryOperator<Radio> change) {
        List<Radio> changed = new ArrayList<>();
        radios.forEach(r -> changed.add(r.device().equals(device) ? change.apply(r) : r));
        return withRadios(changed);
    }

    /** The same with one more device and its lead. */
    public HarnessSection plus(Device device, Lead lead) {
        List<Device> more = new ArrayList<>(devices);
        more.add(device);
        List<Lead> longer = new ArrayList<>(leads);
        longer.add(lead);
        return withDevices(more).withLeads(longer);
    }

    /** The same without a device, its lead and its radio. */
    public HarnessSection without(String device) {
        return withDevices(
                        devices.stream().filter(d -> !d.name().equals(device)).toList())
                .withLeads(
                        leads.stream().filter(l -> !l.device().equals(device)).toList())
                .withRadios(
                        radios.stream().filter(r -> !r.device().equals(device)).toList());
    }

    /** The same with a rail of the board under another name everywhere. */
    public HarnessSection railRenamed(String from, String to) {
        List<BoardRail> rails = new ArrayList<>();
        board.rails().forEach(r -> rails.add(r.name().equals(from) ? r.named(to) : r));
        List<Place> places = new ArrayList<>();
        board.places().forEach(p -> places.add(p.rail().equals(from) ? p.on(to) : p));
        List<Lead> fed = new ArrayList<>();
        leads.forEach(l -> fed.add(l.power().equals(from) ? l.fedUnderName(to) : l));
        return withBoard(board.with(rails, places))
                .withLeads(fed)
                .withPacks(packs.receiverRail().equals(from) ? packs.feeding(to) : packs);
    }

    /** The same with a place of the board under another name everywhere. */
    public HarnessSection placeRenamed(String from, String to) {
        List<Place> places = new ArrayList<>();
        board.places().forEach(p -> places.add(p.name().equals(from) ? p.named(to) : p));
        List<Lead> plugged = new ArrayList<>();
        leads.forEach(l -> plugged.add(l.place().equals(from) ? l.atUnderName(to) : l));
        return withBoard(board.with(board.rails(), places)).withLeads(plugged);
    }

    /** The same with a device under another name everywhere. */
    public HarnessSection renamed(String from, String to) {
        return withDevice(from, d -> d.named(to))
                .withLeads(leads.stream()
                        .map(l -> l.device().equals(from) ? l.to(to) : l)
                        .toList())
                .withRadios(radios.stream()
                        .map(r -> r.device().equals(from) ? r.of(to) : r)
                        .toList());
    }
}
