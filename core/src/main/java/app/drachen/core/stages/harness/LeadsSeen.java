package app.drachen.core.stages.harness;

import app.drachen.core.clearance.Gate;
import app.drachen.core.clearance.Proof;
import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Remedy;
import app.drachen.core.clearance.Ruling;
import app.drachen.core.clearance.Situation;
import app.drachen.core.clearance.Stage;
import app.drachen.core.harness.DeviceKind;
import app.drachen.core.harness.Signal;
import app.drachen.core.units.Quantity;
import app.drachen.core.wiring.Wiring;
import app.drachen.core.wiring.Wiring.Wired;
import app.drachen.core.working.Finding;
import app.drachen.core.working.Finding.State;
import app.drachen.core.working.Source;
import java.util.List;
import java.util.Optional;

/** HARNESS-R14: every lead is relieved, soldered, rung through and wiggled, and long enough. */
final class LeadsSeen extends HarnessRule {
    LeadsSeen() {
        super("HARNESS-R14", "Leads", Source.COMMON_PRACTICE);
    }

    @Override
    public String demand() {
        return "Every lead is relieved, soldered, rung through and wiggled, and as long as the drawing asks.";
    }

    @Override
    public boolean mayBeWaived() {
        return true;
    }

    /** Whether the aircraft falls without it: power, outputs, the control link. */
    private static boolean vital(Wired w) {
        return w.device().want().signal() == Signal.PULSE
                || w.device().kind() == DeviceKind.RECEIVER
                || w.device().kind() == DeviceKind.REGULATOR
                || w.device().kind() == DeviceKind.CURRENT_SENSOR;
    }

    @Override
    Ruling judge(Situation situation, Wiring wiring) {
        List<Wired> leads =
                wiring.wired().stream().filter(w -> w.lead().isPresent()).toList();
        Optional<Wired> failed = first(leads, w -> w.lead().get().checks().failed());
        if (failed.isPresent()) {
            return graded(
                    failed.get(),
                    "The lead to " + failed.get().device().name() + " failed a check",
                    "Resolder, relieve, lengthen, before anything closes over it; then look again.");
        }
        Optional<Wired> tight = first(
                leads, w -> w.lead().get().length() > 0 && w.lead().get().length() < Wiring.SLACK * w.path() - 1e-9);
        if (tight.isPresent()) {
            return graded(
                    tight.get(),
                    "The lead to " + tight.get().device().name() + " is "
                            + Quantity.SPAN.text(tight.get().length()) + " long, the drawing asks for "
                            + Quantity.SPAN.text(Wiring.SLACK * tight.get().path()),
                    "Lengthen it, or put right where the drawing has board and device.");
        }
        List<Wired> open =
                leads.stream().filter(w -> !w.lead().get().checks().complete()).toList();
        if (!open.isEmpty()) {
            boolean vital = open.stream().anyMatch(LeadsSeen::vital);
            return open(
                    vital ? Optional.of(Gate.LAUNCH) : Optional.empty(),
                    "Leads looked at: " + (leads.size() - open.size()) + " of " + leads.size(),
                    "Next: "
                            + first(open, LeadsSeen::vital)
                                    .orElse(open.get(0))
                                    .device()
                                    .name() + ". Relief, solder, continuity, wiggle.");
        }
        Optional<Proof> proof = situation.proof(ProofKind.HARNESS_CHECK);
        if (proof.filter(p -> !situation.fresh(p)).isPresent()) {
            return Ruling.of(
                    Stage.HARNESS,
                    Gate.LAUNCH,
                    Finding.of(
                            id(),
                            State.STALE,
                            "Harness checked at r" + proof.get().revision(),
                            "Stale: " + situation.changes(proof.get())
                                    + ". Look at what changed, then check it again."));
        }
        if (proof.isEmpty()) {
            return open(
                    Optional.of(Gate.LAUNCH),
                    "All " + leads.size() + " leads looked at, the check is not kept",
                    "Keep it in Harness, so that a later change of the wiring makes it stale.",
                    new Remedy.GoTo("Keep the check", Stage.HARNESS));
        }
        if (!proof.get().passed()) {
            return stop(
                    Gate.LAUNCH,
                    "Harness check: not passed",
                    "Noted: " + proof.get().note() + ".",
                    List.of());
        }
        return good(
                "All " + leads.size() + " leads looked at",
                "Harness check at r" + proof.get().revision() + ", "
                        + proof.get().evidence().label() + ".");
    }

    private Ruling graded(Wired w, String title, String detail) {
        return vital(w) ? stop(Gate.LAUNCH, title, detail, List.of()) : caution(title, detail, List.of());
    }

    private static Optional<Wired> first(List<Wired> leads, java.util.function.Predicate<Wired> which) {
        return leads.stream().filter(which).min((a, b) -> Boolean.compare(vital(b), vital(a)));
    }
}
