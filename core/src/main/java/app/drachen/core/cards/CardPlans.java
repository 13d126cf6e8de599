package app.drachen.core.cards;

import java.util.List;
import java.util.Optional;

/** The list of cards. */
public final class CardPlans {
    private static final List<CardPlan> ALL = List.of(
            new FirstFlight(),
            new PowerFlight(),
            new HoldFlight(),
            new TuneFlight(),
            new TrimFlight(),
            new HomeFlight(),
            new MissionFlight());

    private CardPlans() {}

    public static List<CardPlan> all() {
        return ALL;
    }

    public static Optional<CardPlan> byId(String id) {
        return ALL.stream().filter(c -> c.id().equals(id)).findFirst();
    }
}
