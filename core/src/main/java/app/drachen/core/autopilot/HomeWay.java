package app.drachen.core.autopilot;

import static app.drachen.core.math.Statistics.clamp;
import static app.drachen.core.math.Statistics.length;

import app.drachen.core.modes.HomeProfile;
import app.drachen.core.modes.Limits;
import app.drachen.core.sensing.Sensed;

/**
 * The way home: a climb first if there is one, the leg to home or to the rally point, the circle there, and the end.
 *
 * <p>Source: common practice; it comes down at 1.2 m/s, and lands straight ahead without power from 6 m: own choices.
 *
 * <p>Mutable, for one thread; nothing is allocated.
 */
final class HomeWay {
    private static final double LEAST_GROUND_SPEED = 4;
    private static final double DESCENT = 1.2;
    private static final double LOW = 6;

    private final HomeProfile home;
    private final Limits limits;
    private final Guidance guidance;
    private final double rallyNorth;
    private final double rallyEast;
    private double centreNorth;
    private double centreEast;
    private boolean climbing;
    private double arrivedFrom;

    /** Height to hold [m]. */
    double height;

    /** Airspeed to fly [m/s]. */
    double speed;

    /** Bank [rad]. */
    double bank;

    /** Whether it glides out to land. */
    boolean landing;

    HomeWay(HomeProfile home, Limits limits, Guidance guidance) {
        this.home = home;
        this.limits = limits;
        this.guidance = guidance;
        rallyNorth = home.rally().map(HomeProfile.Rally::north).orElse(0.0);
        rallyEast = home.rally().map(HomeProfile.Rally::east).orElse(0.0);
    }

    /** Begins where the aircraft is. */
    void begin(Sensed sensed) {
        height = home.heightFrom(sensed.height());
        arrivedFrom = height;
        landing = false;
        climbing = home.climbFirst() && sensed.height() < height - 5;
        // a climb first goes round a place to its right, so that it does not carry it away
        double abeam = Guidance.course(sensed) + Math.PI / 2;
        centreNorth = sensed.north() + home.circleRadius() * Math.cos(abeam);
        centreEast = sensed.east() + home.circleRadius() * Math.sin(abeam);
    }

    void fly(double step, Sensed sensed) {
        double north = rallyNorth - sensed.north();
        double east = rallyEast - sensed.east();
        double towards = Math.atan2(east, north);
        speed = limits.cruiseSpeed();
        if (climbing) {
            climbing = sensed.height() < height - 5;
            bank = guidance.bankForCircle(centreNorth, centreEast, home.circleRadius(), sensed);
        } else if (length(north, east) > 2 * home.circleRadius()) {
            bank = guidance.bankForCourse(towards, sensed);
            speed = againstWind(towards, limits, sensed);
        } else {
            bank = guidance.bankForCircle(rallyNorth, rallyEast, home.circleRadius(), sensed);
            descend(step);
            landing |= home.arrival() == HomeProfile.Arrival.LAND && height <= LOW && sensed.height() < LOW + 2;
        }
    }

    /** Comes down in the circle at the end, where it is to. */
    private void descend(double step) {
        double end =
                switch (home.arrival()) {
                    case CIRCLE -> arrivedFrom;
                    case DESCEND -> home.arrivalHeight();
                    case LAND -> LOW;
                };
        height = Math.max(Math.min(end, arrivedFrom), height - DESCENT * step);
    }

    /** Cruise speed, or as much more as leaves a ground speed along a course. */
    static double againstWind(double course, Limits limits, Sensed sensed) {
        double head = -(sensed.windNorth() * Math.cos(course) + sensed.windEast() * Math.sin(course));
        return clamp(head + LEAST_GROUND_SPEED, limits.cruiseSpeed(), limits.topSpeed());
    }
}
