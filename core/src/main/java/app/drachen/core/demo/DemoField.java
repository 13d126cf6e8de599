package app.drachen.core.demo;

import app.drachen.core.air.Field;
import app.drachen.core.air.Obstacle;
import java.util.List;
import java.util.Optional;

/** The invented meadow of the demo hangar. */
public final class DemoField {
    private DemoField() {}

    /** The meadow on a breezy day: 3.5 m/s from 250°, gusts 5.5. */
    public static Field deichwiese() {
        return new Field(
                "Deichwiese",
                3.5,
                Math.toRadians(250),
                5.5,
                10,
                287.15,
                101_200,
                Math.toRadians(250),
                90,
                Optional.of(new Field.HeightLimit(120, "entered by you, local rule")),
                List.of(new Obstacle("dyke", 340, 9), new Obstacle("light mast", 660, 46)),
                true,
                Optional.empty());
    }

    /** The same meadow in the evening: 2 m/s, gusts 3. */
    public static Field evening() {
        return deichwiese().withWind(2, Math.toRadians(250), 3);
    }
}
