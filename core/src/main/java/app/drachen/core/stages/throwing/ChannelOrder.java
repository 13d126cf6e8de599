package app.drachen.core.stages.throwing;

import app.drachen.core.clearance.CardRule;
import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.controls.RadioSide;
import app.drachen.core.controls.StickChannel;
import java.util.Optional;

/** THROWS-R1: every stick moves the command that is named after it. */
final class ChannelOrder extends CardRule {
    ChannelOrder() {
        super(
                "THROWS-R1",
                ProofKind.CHANNEL_ORDER,
                Optional.of(Gate.LAUNCH),
                "Every stick moves its own command: one stick at a time was seen to do so.",
                "Which command each stick moves was not seen",
                "Move one stick at a time");
    }

    @Override
    protected Optional<Ruling> before(Situation situation) {
        Optional<RadioSide> radio = situation.setup().controls().radio();
        Optional<StickChannel> wrong = radio.stream()
                .flatMap(r -> r.sticks().stream())
                .filter(s -> s.means() != s.stick())
                .findFirst();
        return wrong.map(s -> stop(
                Gate.LAUNCH,
                "The " + s.stick().label() + " stick moves " + s.means().label(),
                "Channel " + s.channel() + " of the radio is taken for "
                        + s.means().label()
                        + ". Put the channels of radio and board into one order, then move the sticks again.",
                new Remedy.GoTo("Put it right", Stage.THROWS)));
    }
}
