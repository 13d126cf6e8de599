package app.drachen.desktop.stage.signals;

import app.drachen.core.air.Atmosphere;
import app.drachen.core.debrief.Debrief;
import app.drachen.core.hearing.AlarmTrial;
import app.drachen.core.log.FlightLog;
import app.drachen.core.setup.Setup;
import app.drachen.core.signals.Alarm;
import app.drachen.core.signals.SignalsSection;
import app.drachen.core.units.Quantity;
import app.drachen.desk.OpenAircraft;
import app.drachen.desk.Session;
import app.drachen.desk.play.Played;
import app.drachen.desk.work.Lane;
import app.drachen.desktop.screen.Screen;
import app.drachen.desktop.screen.Voice;
import app.drachen.files.hangar.FlightRecord;
import app.drachen.files.hangar.HangarException;
import app.drachen.files.standin.ValueSender;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.scene.control.Label;

/** The last flight of the logbook, heard through the stand-in sender, and alarms tried against it; it belongs to one aircraft. */
final class LastFlight {
    private static final int[] SPEEDS = {1, 2, 5, 10, 20};
    private static final double[] DROPOUTS = {0, 0.1, 0.3};

    private final Session session;
    private final Label live;
    private final Runnable update;
    private final Runnable repaint;
    private final Voice voice = new Voice();
    private Map<Alarm.Kind, String> tried = Map.of();
    private Optional<LivePlay> play = Optional.empty();
    private int speed = 2;
    private int dropouts;
    private SignalsSection triedWith = SignalsSection.EMPTY;
    private long of = -1;

    /**
     * Nothing plays yet.
     *
     * @param live where it tells what it does
     * @param update told when alarms were tried
     * @param repaint told when something new was heard
     */
    LastFlight(Session session, Label live, Runnable update, Runnable repaint) {
        this.session = session;
        this.live = live;
        this.update = update;
        this.repaint = repaint;
    }

    /** What plays now. */
    Optional<LivePlay> playing() {
        return play;
    }

    /** What each alarm did in the flight it was tried against. */
    Map<Alarm.Kind, String> tried() {
        return tried;
    }

    /** Ends what belongs to another aircraft or another set-up. */
    void update() {
        if (of != session.aircraft().id()) {
            of = session.aircraft().id();
            stop();
            live.setText("");
            tried = Map.of();
        }
        if (!session.setup().signals().equals(triedWith)) {
            tried = Map.of();
        }
        if (play.filter(p -> !p.played().of(session.setup())).isPresent()) {
            stop();
            live.setText("The set-up has changed; press Space to hear it so.");
        }
    }

    /** Speaks, or shows where no program speaks. */
    void say(String words) {
        voice.speak(words);
        live.setText("\u201c" + words + "\u201d"
                + (voice.program().isEmpty() ? " (no speech program here: shown, not spoken)" : ""));
    }

    /** Reads the last flight of the logbook that has a log, and does something with it if the aircraft is still shown. */
    private void withLastFlight(BiConsumer<FlightRecord, FlightLog> use) {
        OpenAircraft aircraft = session.aircraft();
        List<FlightRecord> flights = aircraft.flights();
        if (flights.isEmpty()) {
            session.tell("No flight in the logbook yet: fly one in Maiden, or read a log.");
            return;
        }
        FlightRecord last = flights.get(flights.size() - 1);
        live.setText("Reading flight " + last.number() + " \u2026");
        session.desk()
                .jobs()
                .start(
                        Lane.READ,
                        aircraft,
                        running -> session.desk().look(h -> h.logbook()
                                .log(aircraft.id(), last.number())
                                .orElseThrow(() ->
                                        new HangarException("Flight " + last.number() + " has no log any more."))),
                        log -> {
                            if (session.isOpen() && session.shows(aircraft)) {
                                live.setText("");
                                use.accept(last, log);
                            }
                        },
                        session::tell);
    }

    void tryAlarms() {
        withLastFlight((flight, log) -> {
            Setup setup = session.setup();
            double ground = ground(setup, log);
            Map<Alarm.Kind, String> all = new EnumMap<>(Alarm.Kind.class);
            for (Alarm a : setup.signals().alarms()) {
                all.put(
                        a.kind(),
                        "Flight " + flight.number() + ": "
                                + AlarmTrial.of(log, setup, a, ground)
                                        .map(AlarmTrial::sentence)
                                        .orElse("cannot be told: the log has no such value, or it does not reach you")
                                + ".");
            }
            tried = all;
            triedWith = setup.signals();
            update.run();
        });
    }

    private static double ground(Setup setup, FlightLog log) {
        return Debrief.of(log, setup, Atmosphere.SEA_LEVEL_DENSITY).flight().ground();
    }

    /** Plays the last flight through the stand-in sender, or ends what plays. */
    void hear(int position) {
        if (play.isPresent()) {
            stop();
            live.setText("Stopped.");
            repaint.run();
            return;
        }
        withLastFlight((flight, log) -> {
            stop();
            Setup setup = session.setup();
            Played played = new Played(
                    Screen::apart,
                    setup,
                    log,
                    ground(setup, log),
                    SPEEDS[speed],
                    DROPOUTS[dropouts],
                    position,
                    ValueSender.Pace::real);
            play = Optional.of(new LivePlay(
                    played, setup.signals().tones(), () -> playing(flight), said -> voice.speak(said.words())));
        });
    }

    private void playing(FlightRecord flight) {
        if (play.isEmpty()) {
            return;
        }
        LivePlay now = play.get();
        String said = now.played().said().stream()
                .findFirst()
                .map(s -> (s.alarm() ? " · ALARM \u201c" : " · \u201c") + s.words() + "\u201d")
                .orElse("");
        String end = now.played().over() ? " · over" : "";
        live.setText("Stand-in, flight " + flight.number() + " at " + SPEEDS[speed] + "\u00d7: "
                + Quantity.TIME.text(now.played().time(), session.units()) + said
                + (now.played().gap() > 1
                        ? " · gap of " + Quantity.TIME.text(now.played().gap(), session.units())
                        : "") + end
                + (now.wrong().isEmpty() ? "" : " · " + now.wrong()));
        repaint.run();
        if (now.played().over()) {
            play = Optional.empty();
        }
    }

    void stop() {
        play.ifPresent(LivePlay::stop);
        play = Optional.empty();
    }

    void turnSpeed() {
        speed = (speed + 1) % SPEEDS.length;
        live.setText("Flights are played at " + SPEEDS[speed] + " times real time.");
    }

    void turnDropouts() {
        dropouts = (dropouts + 1) % DROPOUTS.length;
        live.setText(
                DROPOUTS[dropouts] == 0
                        ? "Nothing drops out."
                        : Quantity.SHARE.text(DROPOUTS[dropouts], session.units()) + " of the time nothing comes.");
    }
}
