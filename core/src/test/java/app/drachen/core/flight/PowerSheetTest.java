package app.drachen.core.flight;

import static app.drachen.core.air.Atmosphere.GRAVITY;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import app.drachen.core.controls.Output;
import app.drachen.core.demo.DemoAircraft;
import app.drachen.core.propulsion.Running;
import app.drachen.core.setup.Setup;
import app.drachen.core.working.Working;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What motor and pack give, checked by the equations of motion and by hand. */
class PowerSheetTest {
    private static final double RHO = 1.225;
    private static final List<Setup> ALL =
            List.of(DemoAircraft.rochen(), DemoAircraft.strandlaeufer(), DemoAircraft.seeschwalbe());

    private static Working line(Setup setup, String name) {
        return PowerSheet.of(setup, RHO).stream()
                .filter(w -> w.name().equals(name))
                .findFirst()
                .orElseThrow();
    }

    /** Specific excess power V·V̇/g of the model in six degrees of freedom is the climb (Anderson 2016, energy height). */
    @Test
    void theClimbIsTheExcessPowerOfTheEquationsOfMotion() {
        for (Setup setup : ALL) {
            double speed = setup.modes().limits().cruiseSpeed();
            Trim.Result.Trimmed level = (Trim.Result.Trimmed) Trim.level(setup, speed, RHO);
            List<Output> outputs = setup.controls().outputs();
            double[] pulses = outputs.stream()
                    .mapToDouble(o -> o.unlimitedPulse(o.mix().mix(0, level.pitchCommand(), 0, 1)))
                    .toArray();
            Aircraft aircraft = new Aircraft(setup);
            aircraft.place(0, 0, 100, 0, level.alpha(), 0, speed);
            aircraft.move(speed * Math.cos(level.alpha()), 0, speed * Math.sin(level.alpha()), 0, 0, 0);
            aircraft.settle(pulses, RHO, speed);
            double[] a = aircraft.accelerations(0, 0, 0, RHO);
            double along = a[0] * Math.cos(level.alpha()) + a[2] * Math.sin(level.alpha());
            double excess = speed * along / GRAVITY;
            double climb = line(setup, "Climb at full power").value();
            // the sheet's pack is 30 % used, the model's is full: 6 % of the volts, twice that in thrust
            assertEquals(excess, climb, 0.25 * excess, setup.name());
            assertTrue(climb < excess, setup.name() + ": a full pack climbs better");
        }
    }

    @Test
    void enduranceIsTheUsablePackOverTheCurrentOfLevelFlight() {
        for (Setup setup : ALL) {
            Trim.Result.Trimmed level = (Trim.Result.Trimmed)
                    Trim.level(setup, setup.modes().limits().cruiseSpeed(), RHO);
            double time = line(setup, "Endurance at cruise").value();
            assertEquals(0.7 * setup.propulsion().pack().capacity(), time * level.current(), 1e-6);
        }
    }

    /** Electrical power is what the shaft takes, what the windings lose and what idling takes: energy is conserved. */
    @Test
    void fullPowerConservesEnergy() {
        Setup setup = DemoAircraft.strandlaeufer();
        Running full = Running.of(setup.propulsion(), 1, 0, 0, RHO);
        var drive = setup.propulsion().drives().get(0);
        double speed = drive.shaftSpeed(
                1, setup.propulsion().pack().restingVolts(0), setup.propulsion().resistanceForEach(), 0, RHO);
        double shaft = drive.propeller().powerCoefficient(0)
                * RHO
                * Math.pow(speed / (2 * Math.PI), 3)
                * Math.pow(drive.propeller().diameter(), 5);
        double idling = drive.motor().noLoadCurrent() * speed / drive.motor().speedConstant();
        double given = full.volts() * full.current();
        assertEquals(given, shaft + idling + full.lost() * given, 0.02 * given);
    }

    @Test
    void aGliderHasNoSuchSheet() {
        Setup setup = DemoAircraft.seeschwalbe();
        assertEquals(
                List.of(), PowerSheet.of(setup.withPropulsion(setup.propulsion().withDrives(List.of())), RHO));
    }
}
