package app.drachen.desktop.stage.signals;

import app.drachen.core.debrief.FlightFacts;
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

    /** What is made of a log, beside the interface. */
    private interface Work<T> {
        T of(FlightLog log, double ground);
    }

    /** What is done with that, on the interface thread. */
    private interface Use<T> {
        void with(FlightRecord flight, T made);
    }

    /** Reads the last flight of the logbook and makes something of it; it is used if the aircraft is still shown. */
    private <T> void withLastFlight(Work<T> work, Use<T> use) {
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
                        running -> {
                            FlightLog log = session.desk().look(h -> h.logbook()
                                    .log(aircraft.id(), last.number())
                                    .orElseThrow(() ->
                                            new HangarException("Flight " + last.number() + " has no log any more.")));
                            return work.of(
                                    log,
                                    FlightFacts.of(log).map(FlightFacts::ground).orElse(0.0));
                        },
                        made -> {
                            if (session.isOpen() && session.shows(aircraft)) {
                                live.setText("");
                                use.with(last, made);
                            }
                        },
                        failed -> {
                            live.setText("");
                            session.tell(failed);
                        });
    }

    void tryAlarms() {
        Setup setup = session.setup();
        withLastFlight(
                (log, ground) -> {
                    Map<Alarm.Kind, String> all = new EnumMap<>(Alarm.Kind.class);
                    for (Alarm a : setup.signals().alarms()) {
                        all.put(
                                a.kind(),
                                AlarmTrial.of(log, setup, a, ground)
                                                .map(AlarmTrial::sentence)
                                                .orElse(
                                                        "cannot be told: the log has no such value, or it does not reach you")
                                        + ".");
                    }
                    return all;
                },
                (flight, all) -> {
                    all.replaceAll((kind, did) -> "Flight " + flight.number() + ": " + did);
                    tried = all;
                    triedWith = setup.signals();
                    update.run();
                });
    }

    /** Plays the last flight through the stand-in sender, or ends what plays. */
    void hear(int position) {
        if (play.isPresent()) {
            stop();
            live.setText("Stopped.");
            repaint.run();
            return;
        }
        withLastFlight(Heard::new, (flight, heard) -> {
            stop();
            Setup setup = session.setup();
            Played played = new Played(
                    Screen::apart,
                    setup,
                    heard.log(),
                    heard.ground(),
                    SPEEDS[speed],
                    DROPOUTS[dropouts],
                    position,
                    ValueSender.Pace::real);
            play = Optional.of(new LivePlay(
                    played, setup.signals().tones(), () -> playing(flight), said -> voice.speak(said.words())));
        });
    }

    /** A log and the height of its launch [m]. */
    private record Heard(FlightLog log, double ground) {}

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
