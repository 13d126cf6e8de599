package app.drachen.desktop.stage.signals;

import app.drachen.core.hearing.Listener.Said;
import app.drachen.core.hearing.ToneWave;
import app.drachen.core.signals.Tones;
import app.drachen.desk.play.Played;
import app.drachen.desktop.screen.Screen;
import java.util.List;
import java.util.function.Consumer;
import javafx.animation.AnimationTimer;

/** A flight that is played, shown at every frame and sounded; it ends with the flight or when it is stopped. */
final class LivePlay {
    private final Played played;
    private final Sound sound;
    private final AnimationTimer timer;

    /**
     * Begins.
     *
     * @param changed told whenever there is something new
     * @param speaks receives what is said
     */
    LivePlay(Played played, Tones tones, Runnable changed, Consumer<Said> speaks) {
        this.played = played;
        sound = new Sound(new ToneWave(tones), () -> played.listener().climb());
        timer = new AnimationTimer() {
            @Override
            public void handle(long now) {
                double before = played.time();
                List<Said> begins = played.drain();
                begins.forEach(speaks);
                boolean over = played.over();
                if (played.time() != before || over) {
                    changed.run();
                }
                if (over) {
                    end();
                }
            }
        };
        timer.start();
        if (tones.on()) {
            Screen.apart(sound);
        }
    }

    private void end() {
        timer.stop();
        sound.end();
    }

    /** Ends it, wherever it is. */
    void stop() {
        end();
        played.stop();
    }

    Played played() {
        return played;
    }

    /** What went wrong; empty for nothing. */
    String wrong() {
        return played.wrong().isEmpty() ? sound.wrong() : played.wrong();
    }
}
