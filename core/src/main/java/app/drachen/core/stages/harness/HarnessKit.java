package app.drachen.core.stages.harness;

import app.drachen.core.clearance.ProofKind;
import app.drachen.core.clearance.Stage;
import app.drachen.core.clearance.StageKit;
import app.drachen.core.setup.Facet;
import java.util.List;
import java.util.Optional;

/** The kit of stage Harness. */
public final class HarnessKit {
    private HarnessKit() {}

    /** Everything that belongs to the stage. */
    public static StageKit kit() {
        return new StageKit(
                Stage.HARNESS,
                "Before the pack goes on",
                List.of(
                        Facet.BOARD,
                        Facet.BOARD_SOFTWARE,
                        Facet.WIRING,
                        Facet.RAILS,
                        Facet.PORTS,
                        Facet.RADIOS,
                        Facet.AERIALS),
                List.of(ProofKind.HARNESS_CHECK),
                List.of(
                        new Places(),
                        new TwoFeeders(),
                        new OverVoltage(),
                        new PacksJoined(),
                        new PinOrder(),
                        new FullCurrent(),
                        new Powered(),
                        new RailLoads(),
                        new BrownOut(),
                        new PortFits(),
                        new LeadsSeen(),
                        new Cooling(),
                        new Guesses(),
                        new BandClashes(),
                        new AerialsApart(),
                        new OnUsbAlone(),
                        new BoardSits(),
                        new Noted()),
                HarnessSums::all,
                List.of(),
                Optional.empty());
    }
}
